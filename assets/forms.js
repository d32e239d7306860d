// Forms outside the Piece page: what is typed in them stays in this browser until Rinkel has it, large files go in parts, and photos are
// made small here already. Without scripts they are plain forms.
import { sendInParts, shrinkPhotos } from './page/files.js';
import { keepForms } from './page/forms.js';

keepForms();
sendInParts();
shrinkPhotos();

// A choice that is kept at once.
document.addEventListener('change', (event) => event.target.closest?.('form[data-saves]')?.requestSubmit());
