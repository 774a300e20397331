/** Examples of climates, made up from memory to begin with; the view says that they are examples. */
export const PLACES = [
  { id: 'mild-coast', label: 'Mild coast, 52° N', latitudeDeg: 52, longitudeDeg: -7, lastFrost: '04-20', firstFrost: '11-05', frostDepthMm: 250, gustMs: 34 },
  { id: 'inland-north', label: 'Inland, 60° N', latitudeDeg: 60, longitudeDeg: 15, lastFrost: '05-25', firstFrost: '09-15', frostDepthMm: 1200, gustMs: 26 },
  { id: 'continent', label: 'Continental, 42° N', latitudeDeg: 42, longitudeDeg: -90, lastFrost: '05-05', firstFrost: '10-05', frostDepthMm: 1000, gustMs: 40 },
  { id: 'warm-south', label: 'Warm, 34° N', latitudeDeg: 34, longitudeDeg: -85, lastFrost: '04-01', firstFrost: '11-05', frostDepthMm: 150, gustMs: 38 },
  { id: 'southern', label: 'Southern hemisphere, 38° S', latitudeDeg: -38, longitudeDeg: 145, lastFrost: '09-25', firstFrost: '05-10', frostDepthMm: 100, gustMs: 36 },
] as const;
