import { everyPage } from './pages.js';

everyPage('paper', ['html', 'phone']);
