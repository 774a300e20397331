'use client';
import { useCallback, useEffect, useState } from 'react';

/** A voice that is on this device; null where there is none, or not yet. */
function ownVoice(locale: string): SpeechSynthesisVoice | null {
  const voices = 'speechSynthesis' in window ? speechSynthesis.getVoices().filter((one) => one.localService) : [];
  const [language] = locale.split('-');
  return (
    voices.find(({ lang }) => lang === locale) ?? voices.find(({ lang }) => lang.startsWith(language ?? '')) ?? null
  );
}

/** Reads aloud with a voice that is on this device: nothing that is said leaves it. `there` says whether there is one. */
export function useVoice(locale: string): { there: boolean; say: (words: string) => void } {
  const [voice, setVoice] = useState<SpeechSynthesisVoice | null>(null);
  useEffect(() => {
    if (!('speechSynthesis' in window)) return;
    const look = () => setVoice(ownVoice(locale));
    look();
    speechSynthesis.addEventListener('voiceschanged', look);
    return () => {
      speechSynthesis.removeEventListener('voiceschanged', look);
      speechSynthesis.cancel();
    };
  }, [locale]);
  const say = useCallback(
    (words: string) => {
      if (!voice) return;
      speechSynthesis.cancel();
      const said = new SpeechSynthesisUtterance(words);
      said.voice = voice;
      said.lang = voice.lang;
      said.rate = 0.9;
      speechSynthesis.speak(said);
    },
    [voice],
  );
  return { there: voice !== null, say };
}
