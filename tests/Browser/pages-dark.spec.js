import { everyPage } from './pages.js';

everyPage('dark', ['colours']);
