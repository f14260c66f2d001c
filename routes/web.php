<?php

declare(strict_types=1);

use App\Http\Controllers\Account\AccountController;
use App\Http\Controllers\Account\SessionController;
use App\Http\Controllers\BuildController;
use App\Http\Controllers\CalendarController;
use App\Http\Controllers\ChangeController;
use App\Http\Controllers\ClimateController;
use App\Http\Controllers\CommissionController;
use App\Http\Controllers\DayController;
use App\Http\Controllers\FinishedController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\HouseController;
use App\Http\Controllers\HouseModelController;
use App\Http\Controllers\KitController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\RouteController;
use App\Http\Controllers\ShopController;
use App\Http\Controllers\SpecificationController;
use App\Http\Controllers\StandardsController;
use App\Http\Controllers\TakingInController;
use App\Http\Controllers\UpController;
use App\Http\Controllers\WorkController;
use App\Http\Middleware\AsksOnly;
use App\Http\Middleware\KeepPlanFresh;
use App\Http\Middleware\ThinkOn;
use Illuminate\Support\Facades\Route;

// A number in an address has nine digits at the most: beyond them nothing is looked for.

Route::get('/new-shop', [ShopController::class, 'create'])->name('shop.new');
Route::post('/new-shop', [ShopController::class, 'store']);

Route::get('/sign-in', [SessionController::class, 'create'])->middleware('guest')->name('sign-in');
Route::post('/sign-in', [SessionController::class, 'store'])->middleware('guest');

Route::get('/sign-in/second', [SessionController::class, 'second'])->middleware('guest')->name('sign-in.second');
Route::post('/sign-in/second', [SessionController::class, 'storeSecond'])->middleware('guest');
Route::get('/new-password/{token}', [SessionController::class, 'link'])->where('token', '[A-Za-z0-9]{40}')->middleware('throttle:30,1')->name('password.link');
Route::post('/new-password/{token}', [SessionController::class, 'storeLink'])->where('token', '[A-Za-z0-9]{40}')->middleware('throttle:30,1');

// For a monitor: no session, no sign-in, and nothing of the shop.
Route::get('/up', UpController::class)->withoutMiddleware('web')->middleware('throttle:120,1')->name('up');
Route::get('/feeds/{token}.ics', [CalendarController::class, 'feed'])->where('token', '[A-Za-z0-9]{40}')->withoutMiddleware('web')->middleware([KeepPlanFresh::class, 'throttle:60,1'])->name('feed');

Route::middleware(['auth', KeepPlanFresh::class, ThinkOn::class])->group(function (): void {
    Route::redirect('/', '/today');
    Route::post('/sign-out', [SessionController::class, 'destroy'])->name('sign-out');
    Route::get('/account', [AccountController::class, 'show'])->name('account');
    Route::put('/account/password', [AccountController::class, 'password'])->name('account.password');
    Route::post('/account/second-factor', [AccountController::class, 'setUp'])->name('account.second');
    Route::delete('/account/second-factor', [AccountController::class, 'turnOff']);
    Route::delete('/account/sign-ins', [AccountController::class, 'endAll'])->name('account.sign-ins');
    Route::delete('/account/sign-ins/{signIn}', [AccountController::class, 'end'])->where('signIn', '[0-9]{1,9}')->name('account.sign-ins.one');
    Route::get('/today', [PlanController::class, 'today'])->name('today');
    Route::get('/horizon', [PlanController::class, 'horizon'])->name('horizon');
    Route::get('/plan/week', [CalendarController::class, 'week'])->name('plan.week');
    Route::get('/plan/week-{paper}.pdf', [CalendarController::class, 'weekSheet'])->name('plan.week.sheet');
    Route::get('/plan/feeds', [CalendarController::class, 'feeds'])->name('plan.feeds');
    Route::post('/plan/feeds', [CalendarController::class, 'give']);
    Route::delete('/plan/feeds/{feed}', [CalendarController::class, 'revoke'])->where('feed', '[0-9]{1,9}')->name('plan.feeds.one');
    Route::get('/operations/{operation}/why', [PlanController::class, 'why'])->middleware(AsksOnly::class)->where('operation', '[0-9]{1,9}')->name('operations.why');
    Route::post('/days', [DayController::class, 'read'])->middleware(AsksOnly::class)->name('days');
    Route::get('/builds', [BuildController::class, 'index'])->name('builds');
    Route::get('/builds/{build}', [BuildController::class, 'show'])->name('builds.show');
    Route::get('/builds/{build}/specification/{number?}', [SpecificationController::class, 'show'])->where('number', '[0-9]{1,9}')->name('specification');
    Route::get('/builds/{build}/specification/{number}/{file}', [SpecificationController::class, 'file'])->where('number', '[0-9]{1,9}')->name('specification.file');
    Route::get('/outlines', [SpecificationController::class, 'outlines'])->name('outlines');
    Route::post('/builds/{build}/measurements', [SpecificationController::class, 'measure'])->name('builds.measurements');
    Route::get('/builds/{build}/route', [RouteController::class, 'show'])->name('route');
    Route::get('/builds/{build}/traveller-{paper}.pdf', [RouteController::class, 'traveller'])->name('builds.traveller');
    Route::get('/parts-{paper}.pdf', [HouseController::class, 'orders'])->name('parts.sheet');
    Route::get('/parts', [HouseController::class, 'parts'])->name('parts');
    Route::get('/climate', [ClimateController::class, 'show'])->name('climate');
    Route::get('/climate.csv', [ClimateController::class, 'export'])->name('climate.file');
    Route::post('/climate', [ClimateController::class, 'store']);
    Route::post('/climate/sensor', [ClimateController::class, 'sense'])->name('climate.sensor');

    Route::post('/operations/{operation}/clock', [WorkController::class, 'startClock'])->name('operations.clock');
    Route::post('/operations/{operation}/hours', [WorkController::class, 'enterHours'])->name('operations.hours');
    Route::post('/operations/{operation}/finish', [WorkController::class, 'finish'])->name('operations.finish');
    Route::post('/operations/{operation}/end-hold', [WorkController::class, 'endHold'])->name('operations.end-hold');
    Route::post('/operations/{operation}/reopen', [WorkController::class, 'reopen'])->name('operations.reopen');
    Route::post('/clocks/{entry}/stop', [WorkController::class, 'stopClock'])->where('entry', '[0-9]{1,9}')->name('clocks.stop');
    Route::post('/kit/{line}/arrival', [KitController::class, 'arrival'])->name('kit.arrival');
    Route::post('/kit/{line}/use', [KitController::class, 'use'])->name('kit.use');
    Route::post('/kit/{line}/write-off', [KitController::class, 'writeOff'])->name('kit.write-off');

    Route::middleware('can:manage')->group(function (): void {
        Route::get('/commissions/new', [CommissionController::class, 'create'])->name('commissions.new');
        Route::post('/commissions/forecast', [CommissionController::class, 'forecast'])->middleware(AsksOnly::class)->name('commissions.forecast');
        Route::get('/first-steps', [ShopController::class, 'firstSteps'])->name('first-steps');
        Route::get('/finished/new', [FinishedController::class, 'create'])->name('finished.new');
        Route::post('/finished/look', [FinishedController::class, 'look'])->middleware(AsksOnly::class)->name('finished.look');
        Route::post('/finished', [FinishedController::class, 'store'])->name('finished');
        Route::get('/bench/new', [TakingInController::class, 'create'])->name('bench.new');
        Route::post('/bench', [TakingInController::class, 'begin'])->name('bench');
        Route::get('/builds/{build}/taking-in', [TakingInController::class, 'show'])->name('builds.taking-in');
        Route::post('/builds/{build}/taking-in', [TakingInController::class, 'store']);
        Route::post('/commissions', [CommissionController::class, 'store'])->name('commissions.store');
        Route::post('/builds/{build}/specification/work-out', [SpecificationController::class, 'workOut'])->middleware(AsksOnly::class)->name('builds.specification.work-out');
        Route::put('/builds/{build}/specification', [SpecificationController::class, 'store'])->name('builds.specification');
        Route::post('/builds/{build}/specification/release', [SpecificationController::class, 'release'])->name('builds.specification.release');
        Route::post('/builds/{build}/specification/accept', [SpecificationController::class, 'accept'])->name('builds.specification.accept');
        Route::post('/builds/{build}/specification/import/look', [SpecificationController::class, 'lookAt'])->middleware(AsksOnly::class)->name('builds.specification.import.look');
        Route::post('/builds/{build}/specification/import', [SpecificationController::class, 'import'])->name('builds.specification.import');
        Route::get('/builds/{build}/revisions', [SpecificationController::class, 'revisions'])->name('builds.revisions');
        Route::post('/builds/{build}/revisions', [SpecificationController::class, 'begin']);
        Route::delete('/builds/{build}/revisions', [SpecificationController::class, 'drop']);
        Route::get('/builds/{build}/route/compare', [RouteController::class, 'compare'])->name('builds.route.compare');
        Route::post('/builds/{build}/route/try', [RouteController::class, 'try'])->middleware(AsksOnly::class)->name('builds.route.try');
        Route::post('/builds/{build}/route/changes', [RouteController::class, 'change'])->name('builds.route.changes');
        Route::delete('/builds/{build}/route/changes/{change}', [RouteController::class, 'undo'])->name('builds.route.changes.one');
        Route::post('/builds/{build}/route/method', [RouteController::class, 'method'])->name('builds.route.method');
        Route::post('/builds/{build}/route/reset', [RouteController::class, 'reset'])->name('builds.route.reset');
        Route::post('/builds/{build}/route/derive', [RouteController::class, 'rederive'])->name('builds.route.derive');
        Route::post('/builds/{build}/route/patterns', [RouteController::class, 'keepPattern'])->name('builds.route.patterns');
        Route::post('/builds/{build}/route/patterns/{pattern}', [RouteController::class, 'usePattern'])->name('builds.route.patterns.one');
        Route::post('/climate/import', [ClimateController::class, 'import'])->name('climate.import');
        Route::post('/builds/{build}/promise', [BuildController::class, 'promise'])->name('builds.promise');
        Route::post('/builds/{build}/call-off', [BuildController::class, 'callOff'])->name('builds.call-off');
        Route::post('/operations/{operation}/wait', [WorkController::class, 'wait'])->name('operations.wait');
        Route::post('/hours/{entry}/strike', [WorkController::class, 'strikeHours'])->name('hours.strike');
        Route::post('/kit/{line}/order', [KitController::class, 'order'])->name('kit.order');

        Route::get('/plan/help', [PlanController::class, 'help'])->name('plan.help');
        Route::post('/plan/help', [PlanController::class, 'askWhatHelps']);
        Route::get('/plan/load', [PlanController::class, 'load'])->name('plan.load');
        Route::get('/plan/history', [PlanController::class, 'history'])->name('plan.history');
        Route::get('/plan/calendar', [CalendarController::class, 'show'])->name('plan.calendar');
        Route::post('/plan/calendar/import/look', [CalendarController::class, 'lookAt'])->middleware(AsksOnly::class)->name('plan.calendar.import.look');
        Route::post('/plan/calendar/import', [CalendarController::class, 'import'])->name('plan.calendar.import');
        Route::put('/plan/weights', [ChangeController::class, 'weights'])->name('plan.weights');
        Route::post('/plan/judge', [ChangeController::class, 'judge'])->middleware(AsksOnly::class)->name('plan.judge');
        Route::post('/plan/changes', [ChangeController::class, 'make'])->name('plan.changes');
        Route::post('/plan/changes/{change}/undo', [ChangeController::class, 'undo'])->where('change', '[0-9]{1,9}')->name('plan.changes.undo');
        Route::get('/plan/try', [ChangeController::class, 'scenarios'])->name('plan.try');
        Route::post('/plan/try', [ChangeController::class, 'begin']);
        Route::post('/plan/try/with', [ChangeController::class, 'beginWith'])->name('plan.try.with');
        Route::get('/plan/try/{scenario}', [ChangeController::class, 'scenarios'])->where('scenario', '[0-9]{1,9}')->name('plan.try.one');
        Route::post('/plan/try/{scenario}/changes', [ChangeController::class, 'add'])->where('scenario', '[0-9]{1,9}')->name('plan.try.changes');
        Route::delete('/plan/try/{scenario}/changes/{change}', [ChangeController::class, 'remove'])->where(['scenario' => '[0-9]{1,9}', 'change' => '[0-9]{1,9}'])->name('plan.try.changes.one');
        Route::post('/plan/try/{scenario}/apply', [ChangeController::class, 'apply'])->where('scenario', '[0-9]{1,9}')->name('plan.try.apply');
        Route::delete('/plan/try/{scenario}', [ChangeController::class, 'drop'])->where('scenario', '[0-9]{1,9}');
        Route::post('/plan/look', [PlanController::class, 'look'])->name('plan.look');
        Route::post('/plan/offers/{offer}/take', [PlanController::class, 'take'])->where('offer', '[0-9]{1,9}')->name('plan.offers.take');
        Route::post('/plan/offers/{offer}/leave', [PlanController::class, 'leave'])->where('offer', '[0-9]{1,9}')->name('plan.offers.leave');

        Route::get('/people', [PeopleController::class, 'index'])->name('people');
        Route::post('/people', [PeopleController::class, 'store']);
        Route::put('/people/{person}', [PeopleController::class, 'update'])->name('people.one');
        Route::post('/people/{person}/days-off', [PeopleController::class, 'takeDayOff'])->name('people.days-off');
        Route::delete('/days-off/{dayOff}', [PeopleController::class, 'returnDayOff'])->name('days-off.one');

        Route::get('/house/audit', [AccountController::class, 'audit'])->name('audit');
        Route::post('/people/{person}/password-link', [AccountController::class, 'giveLink'])->where('person', '[0-9]{1,9}')->name('people.link');
        Route::delete('/people/{person}/second-factor', [AccountController::class, 'forgive'])->where('person', '[0-9]{1,9}')->name('people.second');
        Route::put('/house/second-factor', [AccountController::class, 'requireSecond'])->name('people.require-second');
        Route::get('/house/health', [HealthController::class, 'show'])->name('health');
        Route::put('/house/health', [HealthController::class, 'update']);
        Route::get('/house/everything.zip', [HealthController::class, 'everything'])->name('everything');
        Route::post('/house/health/copy', [HealthController::class, 'copy'])->name('health.copy');
        Route::get('/house/models', [HouseModelController::class, 'index'])->name('house.models');
        Route::get('/house/models/new', [HouseModelController::class, 'create'])->name('house.models.new');
        Route::post('/house/models/work-out', [HouseModelController::class, 'workOut'])->middleware(AsksOnly::class)->name('house.models.work-out');
        Route::post('/house/models', [HouseModelController::class, 'store']);
        Route::get('/house/models/{model}', [HouseModelController::class, 'show'])->where('model', '[0-9]{1,9}')->name('house.models.one');
        Route::put('/house/models/{model}', [HouseModelController::class, 'update'])->where('model', '[0-9]{1,9}');
        Route::get('/house/standards', [StandardsController::class, 'show'])->name('house.standards');
        Route::put('/house/methods', [StandardsController::class, 'method'])->name('house.methods');
        Route::put('/house/rules', [StandardsController::class, 'rules'])->name('house.rules');
        Route::post('/house/standards/{standard}/learn', [StandardsController::class, 'learn'])->name('house.standards.learn');
        Route::delete('/house/patterns/{pattern}', [RouteController::class, 'dropPattern'])->name('house.patterns.one');
        Route::get('/house', [HouseController::class, 'show'])->name('house');
        Route::put('/house', [HouseController::class, 'shop']);
        Route::put('/house/standards/{standard}', [HouseController::class, 'standard'])->name('house.standards.one');
        Route::put('/house/finishes/{finish}', [HouseController::class, 'finish'])->name('house.finishes.one');
        Route::put('/house/resources/{resource}', [HouseController::class, 'resource'])->name('house.resources.one');
        Route::put('/house/prices/{price}', [HouseController::class, 'price'])->name('house.prices.one');
        Route::post('/house/closed-days', [HouseController::class, 'closeDay'])->name('house.closed-days');
        Route::delete('/house/closed-days/{closedDay}', [HouseController::class, 'openDay'])->name('house.closed-days.one');
    });
});

// An address that is not there still knows who asks, so that its page keeps the way back.
Route::fallback(static fn () => abort(404));
