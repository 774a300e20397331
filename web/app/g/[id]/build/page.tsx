import { BuildView } from '../../../../views/build/build-view';

export const metadata = { title: 'What to build' };

export default function BuildPage() {
  return <BuildView />;
}
