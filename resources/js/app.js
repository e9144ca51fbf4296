import Alpine from '@alpinejs/csp';
import bandPlacer from './band-placer';
import flawPlacer from './flaw-placer';
import './live-forms';
import liveClock from './live-clock';
import newPiece from './new-piece';
import planNews from './plan-news';
import shapeEditor from './shape-editor';
import zoneLight from './zone-light';

Alpine.data('shapeEditor', shapeEditor);
Alpine.data('bandPlacer', bandPlacer);
Alpine.data('liveClock', liveClock);
Alpine.data('zoneLight', zoneLight);
Alpine.data('newPiece', newPiece);
Alpine.data('planNews', planNews);
Alpine.data('flawPlacer', flawPlacer);
Alpine.start();
