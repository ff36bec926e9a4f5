import '@fontsource/atkinson-hyperlegible/latin-400.css';
import '@fontsource/atkinson-hyperlegible/latin-700.css';
import '@fontsource/atkinson-hyperlegible/latin-ext-400.css';
import '@fontsource/atkinson-hyperlegible/latin-ext-700.css';
import '@fontsource/source-serif-4/latin-400.css';
import '@fontsource/source-serif-4/latin-400-italic.css';
import '@fontsource/source-serif-4/latin-600.css';
import '@fontsource/source-serif-4/latin-ext-400.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { client } from './api/client';
import { outbox } from './api/outbox';
import { QueryPersistence } from './api/queryPersistence';
import { App } from './app/App';
import { deleteOldResumeStates } from './device/resumeState';
import { applyTheme } from './device/useTheme';

applyTheme();
deleteOldResumeStates();

const shelf = new QueryPersistence(client);
// Both are short reads of this device; the first screen shows what they hold.
await Promise.all([outbox.open(), shelf.restore()]);
shelf.follow();

const root = document.getElementById('amble');
if (root !== null) {
  createRoot(root).render(
    <StrictMode>
      <App />
    </StrictMode>,
  );
}
