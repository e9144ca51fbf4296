<?php

declare(strict_types=1);

use App\Http\Controllers\AbrasiveController;
use App\Http\Controllers\AccountController;
use App\Http\Controllers\AlongController;
use App\Http\Controllers\AuditController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\BlankFlawController;
use App\Http\Controllers\BlankPhotoController;
use App\Http\Controllers\CalendarController;
use App\Http\Controllers\ClimateController;
use App\Http\Controllers\CoatsController;
use App\Http\Controllers\CodeController;
use App\Http\Controllers\ConfirmController;
use App\Http\Controllers\CountController;
use App\Http\Controllers\CupController;
use App\Http\Controllers\DatesController;
use App\Http\Controllers\DemoController;
use App\Http\Controllers\DyeController;
use App\Http\Controllers\DyeRecipeController;
use App\Http\Controllers\EquipmentController;
use App\Http\Controllers\FindController;
use App\Http\Controllers\FittingController;
use App\Http\Controllers\FlawController;
use App\Http\Controllers\ForgottenController;
use App\Http\Controllers\GalleryController;
use App\Http\Controllers\HelpController;
use App\Http\Controllers\HoleController;
use App\Http\Controllers\InstrumentController;
use App\Http\Controllers\InvitationController;
use App\Http\Controllers\LabController;
use App\Http\Controllers\LearntController;
use App\Http\Controllers\LeavingController;
use App\Http\Controllers\LogController;
use App\Http\Controllers\MarkOutController;
use App\Http\Controllers\MarksController;
use App\Http\Controllers\MendController;
use App\Http\Controllers\MixController;
use App\Http\Controllers\OrderController;
use App\Http\Controllers\PartController;
use App\Http\Controllers\PersonController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\PieceController;
use App\Http\Controllers\PieceExportController;
use App\Http\Controllers\PieceImportController;
use App\Http\Controllers\PinController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PlanExportController;
use App\Http\Controllers\PreferencesController;
use App\Http\Controllers\PublicPieceController;
use App\Http\Controllers\RackController;
use App\Http\Controllers\RackFormsController;
use App\Http\Controllers\RackLabelController;
use App\Http\Controllers\RackOrderController;
use App\Http\Controllers\RecipeController;
use App\Http\Controllers\RecipeEditController;
use App\Http\Controllers\RecipeUseController;
use App\Http\Controllers\RegisterController;
use App\Http\Controllers\RimController;
use App\Http\Controllers\RouteController;
use App\Http\Controllers\SaleController;
use App\Http\Controllers\SecondStepController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\ShapeController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\ShopController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\SizeController;
use App\Http\Controllers\StepController;
use App\Http\Controllers\StickController;
use App\Http\Controllers\StockController;
use App\Http\Controllers\SurfaceController;
use App\Http\Controllers\SwatchController;
use App\Http\Controllers\TemplateController;
use App\Http\Controllers\TimerController;
use App\Http\Controllers\TinController;
use App\Http\Controllers\TryController;
use App\Http\Controllers\TurnedController;
use App\Http\Controllers\UnitController;
use App\Http\Controllers\WallController;
use App\Http\Controllers\WeeksController;
use App\Http\Controllers\WeighingController;
use App\Http\Controllers\WeightListController;
use App\Http\Controllers\WoodController;
use App\Http\Controllers\WorkerController;
use App\Http\Middleware\KnowVisitor;
use App\Http\Middleware\LeavesSession;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;

Route::redirect('/', '/bench');

Route::middleware(['guest', KnowVisitor::class])->group(function (): void {
    Route::get('sign-in', [SessionController::class, 'create'])->name('login');
    Route::post('sign-in', [SessionController::class, 'store'])->middleware('throttle:sign-in');
    Route::get('register', [RegisterController::class, 'create'])->name('register');
    Route::post('register', [RegisterController::class, 'store'])->middleware('throttle:register');
    Route::post('demo', [DemoController::class, 'store'])->middleware('throttle:register')->name('demo');
    Route::get('sign-in/code', [CodeController::class, 'create'])->name('code');
    Route::post('sign-in/code', [CodeController::class, 'store'])->middleware('throttle:code');
    Route::get('forgotten', [ForgottenController::class, 'create'])->name('forgotten');
    Route::post('forgotten', [ForgottenController::class, 'store'])->middleware('throttle:forgotten');
    Route::get('forgotten/{token}', [ForgottenController::class, 'edit'])->name('password.reset')
        ->where('token', '[A-Za-z0-9]{1,100}');
    Route::put('forgotten', [ForgottenController::class, 'update'])->middleware('throttle:forgotten')
        ->name('password.update');
    Route::middleware('throttle:public')->where(['token' => '[A-Za-z0-9]{40}'])->group(function (): void {
        Route::get('join/{token}', [InvitationController::class, 'show'])->name('join');
        Route::post('join/{token}', [InvitationController::class, 'join']);
    });
});

Route::get('confirm/{user}/{mark}', [ConfirmController::class, 'show'])->middleware('throttle:public')
    ->whereNumber('user')->where('mark', '[0-9a-f]{32}')->name('confirm');

Route::middleware('throttle:public')->where(['token' => '[A-Za-z0-9]{32}'])->group(function (): void {
    Route::get('made/{token}', [PublicPieceController::class, 'show'])->name('public-piece');
    Route::get('made/{token}/photo/{number}', [PublicPieceController::class, 'photo'])->name('public-piece.photo')
        ->whereNumber('number');
});

Route::get('calendar/{token}.ics', [CalendarController::class, 'subscription'])
    ->middleware('throttle:calendar')->where('token', '[A-Za-z0-9]{48}')->name('calendar.subscription');

Route::middleware('auth')->post('pieces/{piece}/shape/preview', [ShapeController::class, 'preview'])
    ->middleware('throttle:preview')->name('pieces.shape.preview');

Route::middleware(['auth', 'throttle:work'])->group(function (): void {
    Route::post('sign-out', [SessionController::class, 'destroy'])->name('logout');

    Route::get('bench', [BenchController::class, 'show'])->name('bench');
    Route::post('steps/{step}/done', [StepController::class, 'done'])->name('steps.done');
    Route::post('steps/{step}/skip', [StepController::class, 'skip'])->name('steps.skip');
    Route::post('steps/{step}/start', [StepController::class, 'start'])->name('steps.start');
    Route::post('steps/{step}/stop', [StepController::class, 'stop'])->name('steps.stop');
    Route::post('steps/{step}/look', [StepController::class, 'look'])->name('steps.look');
    Route::post('steps/{step}/note', [StepController::class, 'note'])->name('steps.note');
    Route::get('steps/{step}/cup', [CupController::class, 'show'])->name('cup');
    Route::post('steps/{step}/cup', [CupController::class, 'store']);
    Route::delete('cups/{cup}', [CupController::class, 'destroy'])->name('cups.destroy');
    Route::get('steps/{step}/wrong', [MendController::class, 'create'])->name('steps.wrong');
    Route::post('steps/{step}/wrong', [MendController::class, 'store']);
    Route::get('log/{entry}/photo', [PhotoController::class, 'show'])->name('log.photo');
    Route::post('log/{entry}/undo', [StepController::class, 'undo'])->name('log.undo');
    Route::post('cautions', [StepController::class, 'caution'])->name('cautions');

    Route::post(
        'pieces/import', [PieceImportController::class, 'store'],
    )->middleware('throttle:costly')->name('pieces.import');
    Route::get('pieces/foreseen', [PieceController::class, 'foreseen'])
        ->middleware(['throttle:tried', LeavesSession::class])->name('pieces.foreseen');
    Route::middleware('throttle:costly')->group(function (): void {
        Route::get('pieces/finished.csv', [GalleryController::class, 'csv'])->name('gallery.csv');
        Route::get('pieces/finished.pdf', [GalleryController::class, 'pdf'])->name('gallery.pdf');
    });
    Route::resource('pieces', PieceController::class)->except('edit');
    Route::prefix('pieces/{piece}')->name('pieces.')->group(function (): void {
        Route::get('shape', [ShapeController::class, 'show'])->name('shape');
        Route::put('shape', [ShapeController::class, 'update']);
        Route::post('shape/redraw', [ShapeController::class, 'redraw'])->name('shape.redraw');
        Route::post('parts', [PartController::class, 'store'])->name('parts.store');
        Route::put('part', [PartController::class, 'update'])->name('parts.update');
        Route::delete('part', [PartController::class, 'destroy'])->name('parts.destroy');
        Route::put('joints/{joint}', [PartController::class, 'joint'])->name('joints.update');
        Route::post('flaws', [FlawController::class, 'store'])->name('flaws.store');
        Route::put('flaws/{flaw}', [FlawController::class, 'update'])->name('flaws.update');
        Route::delete('flaws/{flaw}', [FlawController::class, 'destroy'])->name('flaws.destroy');
        Route::post('stock', [StockController::class, 'store'])->name('stock.store');
        Route::delete('stock/{stock}', [StockController::class, 'destroy'])->name('stock.destroy');
        Route::post('holes', [HoleController::class, 'store'])->name('holes.store');
        Route::put('holes/{hole}', [HoleController::class, 'update'])->name('holes.update');
        Route::delete('holes/{hole}', [HoleController::class, 'destroy'])->name('holes.destroy');
        Route::put('rim', [RimController::class, 'update'])->name('rim.update');
        Route::put('rim/log', [RimController::class, 'log'])->name('rim.log');
        Route::post('walls', [WallController::class, 'store'])->name('walls.store');
        Route::delete('walls', [WallController::class, 'destroy'])->name('walls.destroy');
        Route::post('walls/deepen', [WallController::class, 'deepen'])->name('walls.deepen');
        Route::post('fittings', [FittingController::class, 'store'])->name('fittings.store');
        Route::put('fittings/{fitting}', [FittingController::class, 'update'])->name('fittings.update');
        Route::delete('fittings/{fitting}', [FittingController::class, 'destroy'])->name('fittings.destroy');
        Route::get('surface', [SurfaceController::class, 'show'])->name('surface');
        Route::put('surface', [SurfaceController::class, 'update']);
        Route::get('marks', [MarksController::class, 'show'])->name('marks');
        Route::post('marks', [MarksController::class, 'store']);
        Route::get('marks/band', [MarksController::class, 'band'])
            ->withoutMiddleware('throttle:work')->middleware('throttle:preview')->name('marks.band');
        Route::post('marks/together', [MarksController::class, 'together'])->name('marks.together');
        Route::put('marks/{mark}', [MarksController::class, 'update'])->name('marks.update');
        Route::get('marks/{mark}/unit', [UnitController::class, 'edit'])->name('marks.unit');
        Route::put('marks/{mark}/unit', [UnitController::class, 'update']);
        Route::get('marks/{mark}/template/{as}', [TemplateController::class, 'show'])
            ->whereIn('as', ['svg', 'a4', 'letter'])->middleware('throttle:costly')->name('marks.template');
        Route::get('turned', [TurnedController::class, 'show'])->name('turned');
        Route::get('turned.json', [TurnedController::class, 'mesh'])->name('turned.mesh');
        Route::get('mark-out', [MarkOutController::class, 'show'])->name('mark-out');
        Route::get('stick', [StickController::class, 'show'])->name('stick');
        Route::delete('marks/{mark}', [MarksController::class, 'destroy'])->name('marks.destroy');
        Route::get('recipes', [RecipeUseController::class, 'show'])->name('recipes');
        Route::get('recipes/{key}', [RecipeUseController::class, 'price'])
            ->middleware(['throttle:tried', LeavesSession::class])->name('recipes.price');
        Route::get('coats', [CoatsController::class, 'show'])->name('coats');
        Route::put('coats', [CoatsController::class, 'update']);
        Route::put('air', [CoatsController::class, 'air'])->name('air');
        Route::get('route', [RouteController::class, 'show'])->name('route');
        Route::put('order', [OrderController::class, 'move'])->name('order');
        Route::delete('order', [OrderController::class, 'asItComes']);
        Route::post('own-steps', [OrderController::class, 'add'])->name('own-steps');
        Route::delete('own-steps/{own}', [OrderController::class, 'remove'])->name('own-steps.destroy');
        Route::put('school', [OrderController::class, 'school'])->name('school');
        Route::get('school/date', [OrderController::class, 'date'])
            ->middleware(['throttle:tried', LeavesSession::class])->name('school.date');
        Route::get('mend', [MendController::class, 'show'])->name('mend');
        Route::post('mend', [MendController::class, 'choose']);
        Route::delete('mend', [MendController::class, 'letGo']);
        Route::get('sale', [SaleController::class, 'show'])->name('sale');
        Route::put('sale', [SaleController::class, 'update']);
        Route::put('sale/page', [SaleController::class, 'publish'])->name('sale.page');
        Route::get('owner-card', [SaleController::class, 'card'])->name('owner-card');
        Route::get('record', [RouteController::class, 'record'])->name('record');
        Route::post('record', [LogController::class, 'store']);
        Route::post('parts/again', [MendController::class, 'again'])->name('parts.again');
        Route::get('card', [RouteController::class, 'card'])->name('card');
        Route::post('undo', [PieceController::class, 'undo'])->name('undo');
        Route::post('redo', [PieceController::class, 'redo'])->name('redo');
        Route::post('copy', [PieceController::class, 'copy'])->middleware('throttle:costly')->name('copy');
        Route::post('revive', [PieceController::class, 'revive'])->name('revive');
        Route::get('piece.json', [PieceExportController::class, 'json'])->name('json');
        Route::get('route.csv', [PieceExportController::class, 'csv'])->name('csv');
        Route::get('drawing.svg', [PieceExportController::class, 'svg'])->name('svg');
    });

    Route::get('find', [FindController::class, 'show'])->middleware(LeavesSession::class)->name('find');
    Route::get('help', [HelpController::class, 'tasks'])->name('help');
    Route::get('help/figures', [HelpController::class, 'figures'])->name('help.figures');
    Route::get('help/new', [HelpController::class, 'news'])->name('help.new');
    Route::get('help/words', [HelpController::class, 'words'])->name('words');
    Route::get('help/words/{term}', [HelpController::class, 'word'])
        ->middleware(LeavesSession::class)->name('words.show');

    Route::resource('timers', TimerController::class)->only('store', 'update', 'destroy');

    Route::get('log', [LogController::class, 'index'])->name('log');
    Route::post('log', [LogController::class, 'store']);
    Route::get('plan', [PlanController::class, 'show'])->middleware(LeavesSession::class)->name('plan');
    Route::post('plan', [PlanController::class, 'store'])->middleware('throttle:costly')->name('plan.make');
    Route::get('weeks', [WeeksController::class, 'show'])->name('weeks');
    Route::get('weeks/sheet', [WeeksController::class, 'sheet'])->name('weeks.sheet');
    Route::get('weeks/plan.json', [PlanExportController::class, 'json'])->name('plan.json');
    Route::get('weeks/week.csv', [PlanExportController::class, 'csv'])->name('week.csv');
    Route::put('weeks/pieces/{piece}', [WeeksController::class, 'move'])->name('weeks.move');
    Route::post('weeks/pins', [PinController::class, 'store'])->name('pins.store');
    Route::post('weeks/as-it-was', [PinController::class, 'asItWas'])->name('pins.as-it-was');
    Route::delete('weeks/pins', [PinController::class, 'destroy'])->name('pins.destroy');
    Route::get('weeks/promise', [TryController::class, 'promise'])->middleware('throttle:costly')->name('promise');
    Route::get('weeks/try', [TryController::class, 'show'])->middleware('throttle:tried')->name('try');
    Route::get('weeks/price', [TryController::class, 'price'])->middleware('throttle:tried')->name('try.price');
    Route::post('weeks/try', [TryController::class, 'store']);
    Route::post('weeks/try/back', [TryController::class, 'back'])->name('try.back');
    Route::post('weeks/try/more', [TryController::class, 'add'])->name('try.add');
    Route::get('calendar.ics', [CalendarController::class, 'file'])->name('calendar.file');

    Route::prefix('rack')->name('rack.')->group(function (): void {
        Route::get('new', [RackController::class, 'create'])->name('create');
        Route::post('', [RackController::class, 'store'])->name('store');
        Route::get('weigh', [WeighingController::class, 'create'])->name('weigh');
        Route::post('weigh', [WeighingController::class, 'store']);
        Route::post('scale', [WeighingController::class, 'fromScale'])->name('scale');
        Route::put('weighings/{weighing}', [WeighingController::class, 'update'])->name('weighings.update');
        Route::delete('weighings/{weighing}', [WeighingController::class, 'destroy'])->name('weighings.destroy');
        Route::put('weighings/{weighing}/sure', [WeighingController::class, 'sure'])->name('weighings.sure');
        Route::get('weights', [WeightListController::class, 'create'])->name('import');
        Route::post('weights', [WeightListController::class, 'preview']);
        Route::put('weights', [WeightListController::class, 'store']);
        Route::delete('weights/{batch}', [WeightListController::class, 'destroy'])->name('import.undo');
        Route::get('labels', [RackLabelController::class, 'index'])->name('labels');
        Route::get('for', [RackOrderController::class, 'index'])->name('for');
        Route::get('{blank}', [RackController::class, 'show'])->name('show');
        Route::get('{blank}/forms', [RackFormsController::class, 'index'])->name('forms');
        Route::put('{blank}', [RackController::class, 'update'])->name('update');
        Route::delete('{blank}', [RackController::class, 'destroy'])->name('destroy');
        Route::put('{blank}/rough', [RackController::class, 'rough'])->name('rough');
        Route::post('{blank}/flaws', [BlankFlawController::class, 'store'])->name('flaws');
        Route::delete('{blank}/flaws/{flaw}', [BlankFlawController::class, 'destroy'])->name('flaws.destroy');
        Route::post('{blank}/photo', [BlankPhotoController::class, 'store'])->name('photo');
        Route::get('{blank}/photo', [BlankPhotoController::class, 'show']);
    });
    Route::get('rack', [RackController::class, 'index'])->name('rack');

    Route::get('lab', [LabController::class, 'show'])->name('lab');
    Route::get('shelf', [ShelfController::class, 'show'])->name('shelf');
    Route::get('shelf/sizes', [SizeController::class, 'show'])->name('sizes');
    Route::post('shelf/abrasives', [AbrasiveController::class, 'store'])->name('abrasives.store');
    Route::put('shelf/abrasives/{abrasive}', [AbrasiveController::class, 'update'])->name('abrasives.update');
    Route::delete('shelf/abrasives/{abrasive}', [AbrasiveController::class, 'destroy'])->name('abrasives.destroy');
    Route::get('shelf/count', [CountController::class, 'show'])->name('shelf.count');
    Route::post('shelf/count', [CountController::class, 'store']);
    Route::post('shelf/receipt', [CountController::class, 'buy'])->name('shelf.receipt');
    Route::delete('shelf/moves/{batch}', [CountController::class, 'destroy'])->name('shelf.moves.destroy');
    Route::get('shelf/tin', [TinController::class, 'edit'])->name('tins.edit');
    Route::put('shelf/tin', [TinController::class, 'update'])->name('tins.update');

    Route::get('shelf/mixes', [MixController::class, 'index'])->name('mixes');
    Route::post('shelf/mixes', [MixController::class, 'store'])->name('mixes.store');
    Route::delete('shelf/mixes/{own_mix}', [MixController::class, 'destroy'])->name('mixes.destroy');
    Route::get('shelf/woods', [WoodController::class, 'index'])->name('woods');
    Route::post('shelf/woods', [WoodController::class, 'store'])->name('woods.store');
    Route::delete('shelf/woods/{own_wood}', [WoodController::class, 'destroy'])->name('woods.destroy');

    Route::prefix('swatches')->name('swatches.')->group(function (): void {
        Route::get('new', [SwatchController::class, 'create'])->name('create');
        Route::post('', [SwatchController::class, 'store'])->name('store');
        Route::get('{swatch}', [SwatchController::class, 'show'])->name('show');
        Route::delete('{swatch}', [SwatchController::class, 'destroy'])->name('destroy');
        Route::post('{swatch}/photo', [SwatchController::class, 'photo'])->name('photo');
        Route::get('{swatch}/photo', [SwatchController::class, 'picture']);
        Route::put('{swatch}/measured', [SwatchController::class, 'measure'])->name('measure');
        Route::put('{swatch}/counts', [SwatchController::class, 'count'])->name('counts');
    });
    Route::get('swatches', [SwatchController::class, 'index'])->name('swatches');
    Route::post('dyes', [DyeController::class, 'store'])->name('dyes.store');
    Route::delete('dyes/{dye}', [DyeController::class, 'destroy'])->name('dyes.destroy');
    Route::get('recipes', [RecipeController::class, 'index'])->name('recipes.index');
    Route::post('recipes', [RecipeController::class, 'store'])->name('recipes.store');
    Route::post('recipes/import', [RecipeController::class, 'import'])->middleware('throttle:costly')
        ->name('recipes.import');
    Route::post('recipes/use', [RecipeUseController::class, 'store'])->middleware('throttle:costly')
        ->name('recipes.use');
    Route::controller(RecipeEditController::class)->prefix('recipes/{recipe}')->whereNumber('recipe')
        ->group(function (): void {
            Route::get('/', 'show')->name('recipes.edit');
            Route::put('/', 'rename')->name('recipes.update');
            Route::put('sanding', 'sanding')->name('recipes.sanding');
            Route::put('marks', 'mark')->name('recipes.marks');
            Route::put('coats', 'coats')->name('recipes.coats');
            Route::put('ways', 'ways')->name('recipes.ways');
            Route::post('undo', 'undo')->name('recipes.undo');
        });
    Route::delete('recipes/{recipe}', [RecipeController::class, 'destroy'])->name('recipes.destroy');
    Route::post('recipes/{recipe}/back', [RecipeController::class, 'back'])->name('recipes.back');
    Route::get('recipes/{key}.json', [RecipeController::class, 'json'])->name('recipes.json');
    Route::post('dye-recipes', [DyeRecipeController::class, 'store'])->name('dye-recipes.store');

    Route::prefix('shop/climate')->name('climate.')->group(function (): void {
        Route::post('', [ClimateController::class, 'store'])->can('run-shop')->name('store');
        Route::delete('{air}', [ClimateController::class, 'destroy'])->can('run-shop')->name('destroy');
        Route::post('{air}/readings', [ClimateController::class, 'type'])->name('readings');
        Route::post('{air}/import', [ClimateController::class, 'import'])->name('import');
        Route::post('{air}/read', [ClimateController::class, 'read'])->name('read');
        Route::put('{air}/station', [ClimateController::class, 'station'])->can('run-shop')->name('station');
        Route::post('{air}/sensor', [ClimateController::class, 'sensor'])->can('run-shop')->name('sensor');
        Route::delete('{air}/sensor', [ClimateController::class, 'endSensor'])->can('run-shop');
        Route::put('{air}/warm', [ClimateController::class, 'warm'])->name('warm');
        Route::delete('{air}/warm', [ClimateController::class, 'asItComes']);
    });
    Route::get('shop/climate', [ClimateController::class, 'show'])->name('climate');
    Route::get('shop/learnt', [LearntController::class, 'show'])->name('learnt');
    Route::put('shop/learnt', [LearntController::class, 'update'])->can('run-shop');
    Route::get('shop/lathe', [EquipmentController::class, 'edit'])->name('equipment');
    Route::put('shop/lathe', [EquipmentController::class, 'update'])->name('equipment.update');
    Route::get('shop/instruments', [InstrumentController::class, 'show'])->name('instruments');
    Route::put('shop/instruments/{kind}', [InstrumentController::class, 'update'])
        ->can('run-shop')->name('instruments.update');
    Route::post('shop/instruments/{kind}', [InstrumentController::class, 'read'])->name('instruments.read');
    Route::get('shop/hands', [WorkerController::class, 'index'])->name('workers');
    Route::post('shop/hands', [WorkerController::class, 'store'])->name('workers.store');
    Route::put('shop/hands/{worker}', [WorkerController::class, 'update'])->name('workers.update');
    Route::delete('shop/hands/{worker}', [WorkerController::class, 'destroy'])
        ->can('run-shop')->name('workers.destroy');
    Route::get('shop', [ShopController::class, 'show'])->name('shop');
    Route::get('shop/safety', [ShopController::class, 'safety'])->name('safety');
    Route::get('shop/sheets', [ShopController::class, 'sheets'])->name('sheets');
    Route::get('shop/you', [ShopController::class, 'you'])->name('you');
    Route::get('shop/along', [AlongController::class, 'show'])->can('run-shop')->name('along');
    Route::middleware('throttle:costly')->group(function (): void {
        Route::get('shop/along/all.zip', [AlongController::class, 'pack'])->can('run-shop')->name('along.pack');
        Route::post('shop/along', [AlongController::class, 'bring'])->name('along.bring');
    });
    Route::put('shop', [ShopController::class, 'update'])->name('shop.update');
    Route::put('shop/rates', [ShopController::class, 'rates'])->can('run-shop')->name('rates');
    Route::post('shop/people', [InvitationController::class, 'store'])->middleware('throttle:invite')
        ->name('people.store');
    Route::put('shop/people/{person}', [PersonController::class, 'update'])->name('people.update');
    Route::delete('shop/people/{person}', [PersonController::class, 'destroy'])->name('people.destroy');
    Route::delete('shop/invitations/{invitation}', [InvitationController::class, 'destroy'])
        ->name('invitations.destroy');
    Route::get('shop/people/record', [AuditController::class, 'index'])->can('run-shop')->name('audit');
    Route::get('dates', [DatesController::class, 'show'])->name('dates');
    Route::post('shop/calendar', [ShopController::class, 'renewCalendar'])->name('calendar.renew');
    Route::post('visit', [PreferencesController::class, 'visit'])->name('visit');
    Route::put('preferences', [PreferencesController::class, 'update'])->name('preferences');
    Route::get('shop/you/sign-in', [AccountController::class, 'show'])->name('account');
    Route::controller(SignInController::class)->name('sign-ins.')->group(function (): void {
        Route::delete('shop/you/sign-ins/{sign_in}', 'destroy')->name('destroy');
        Route::delete('shop/you/sign-ins', 'others')->name('others');
    });
    Route::delete('leaving', [LeavingController::class, 'stay'])->name('leaving.stay');
    Route::delete('leaving/workshop', [LeavingController::class, 'keep'])->name('leaving.keep');
    // What asks for the password once more, or sends a letter.
    Route::middleware('throttle:password')->group(function (): void {
        Route::put('password', [AccountController::class, 'password'])->name('password');
        Route::put('shop/you/name', [AccountController::class, 'name'])->name('account.name');
        Route::put('shop/you/address', [AccountController::class, 'address'])->name('account.address');
        Route::post('shop/you/address', [ConfirmController::class, 'store'])->name('confirm.again');
        Route::controller(SecondStepController::class)->prefix('shop/you/second-step')->name('second-step.')
            ->group(function (): void {
                Route::post('', 'store')->name('store');
                Route::put('', 'confirm')->name('confirm');
                Route::put('codes', 'renew')->name('renew');
                Route::delete('', 'destroy')->name('destroy');
            });
        Route::post('leaving', [LeavingController::class, 'leave'])->name('leaving.leave');
        Route::post('leaving/workshop', [LeavingController::class, 'close'])->name('leaving.close');
    });
});

// What bin/bench measures every page against: the framework, one session and one query.
Route::get('empty', fn () => response()->view('empty', ['one' => DB::scalar('select 1')]))->name('empty');
