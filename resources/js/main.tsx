import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { client } from './api/client';
import { outbox } from './api/outbox';
import { QueryPersistence } from './api/queryPersistence';
import { App } from './app/App';
import { loadFonts } from './design';
import { deleteOldResumeStates } from './device/resumeState';
import { applyTheme } from './device/useTheme';

applyTheme();
void loadFonts();
deleteOldResumeStates();

const shelf = new QueryPersistence(client);
// Both are short reads of this device, shown at once. A device that has not taken the app along yet fetches what reads
// them, and draws its first screen meanwhile.
const restored = Promise.all([outbox.open(), shelf.restore()]).then(() => shelf.follow());
if (navigator.serviceWorker?.controller) {
  await restored;
}

const root = document.getElementById('amble');
if (root !== null) {
  createRoot(root).render(
    <StrictMode>
      <App />
    </StrictMode>,
  );
}
