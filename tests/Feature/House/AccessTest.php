<?php

declare(strict_types=1);

namespace Tests\Feature\House;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\House\FinishStandard;
use App\Models\House\OperationStandard;
use App\Models\House\Price;
use App\Models\House\Resource;
use App\Models\House\Shop;
use App\Models\People\Person;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\PreparationOperation;
use Tests\TestCase;

/** Who may ask for what, and what happens to the second of two who change the same thing. */
final class AccessTest extends TestCase
{
    private const OPEN_TO_GUESTS = [
        'new-shop', 'sign-in', 'sign-in/second', 'new-password/{token}', 'bench/names', 'bench/names/presses', 'up', 'feeds/{token}.ics', 'c/{token}', 'c/{token}/photographs/{photograph}.jpg', 'c/{token}/decisions/{decision}', 'storage/{path}', '{fallbackPlaceholder}',
    ];

    private const FOR_MAKERS = [
        '/', 'sign-out', 'account', 'account/password', 'account/second-factor', 'account/sign-ins', 'account/sign-ins/{signIn}', 'today', 'horizon', 'plan/week', 'plan/feeds', 'plan/feeds/{feed}',
        'operations/{operation}/why', 'days', 'builds', 'builds/{build}', 'builds/{build}/specification/{number?}',
        'builds/{build}/specification/{number}/{file}', 'builds/{build}/measurements', 'builds/{build}/route', 'outlines',
        'builds/{build}/traveller-{paper}.pdf', 'plan/week-{paper}.pdf', 'parts', 'parts-{paper}.pdf', 'climate', 'climate.csv', 'climate/sensor',
        'operations/{operation}/clock', 'operations/{operation}/hours', 'operations/{operation}/finish',
        'operations/{operation}/end-hold', 'operations/{operation}/reopen',
        'operations/{operation}/gate', 'operations/{operation}/gate/readings', 'operations/{operation}/gate/decide', 'operations/{operation}/gate/close',
        'operations/{operation}/gate/from-set-up', 'readings/{reading}/strike', 'operations/{operation}/caliper', 'operations/{operation}/done',
        'operations/{operation}/wrong', 'operations/{operation}/note', 'operations/{operation}/photographs', 'operations/{operation}/instruction',
        'operations/{operation}/ticks', 'photographs/{photograph}.jpg', 'photographs/{photograph}-small.jpg', 'setbacks', 'setbacks/{setback}', 'stores', 'stores/parts', 'stores/parts/{part}', 'stores/parts/{part}/figures', 'stores/parts/{part}/use', 'stores/count', 'stores/lots/{lot}/open', 'stores/orders/{order}', 'stores/orders/{order}/parcel', 'chores', 'chores/{chore}/done', 'stores/labels', 'stores/labels-{paper}.pdf', 'stores/labels/print', 'scan', 'label/{kind}/{name}', 'stores/away', 'stores/away/{work}/dispatch', 'stores/away/{work}/back', 'kit/{line}/from-stock', 'kit/{line}/wrong', 'templates', 'templates/once', 'templates/{template}', 'templates/{template}/check', 'templates/{template}/damage', 'templates/{template}/uses', 'templates/{template}/photographs', 'templates/files/{file}', 'bits', 'bits/{bit}/sharpened', 'builds/{build}/templates', 'timber', 'timber/yard', 'timber/yard-{paper}.pdf', 'timber/papers', 'timber/boards.csv', 'timber/cutting', 'timber/cutting/{file}', 'timber/cutting/longer', 'timber/blanks/{blank}/readings', 'timber/{board}/photographs', 'timber/{board}', 'timber/{board}/readings', 'timber/readings/{reading}', 'timber/{board}/defects', 'timber/defects/{defect}', 'builds/{build}/setbacks', 'pieces',
        'logbook', 'logbook-{paper}.pdf', 'logbook/{entry}/correct', 'builds/{build}/facts', 'builds/{build}/facts-{paper}.pdf', 'bench', 'bench/presses', 'bench/away', 'bench/day', 'bench/gentle', 'bench/seen', 'bench/leave',
        'builds/{build}/set-up', 'builds/{build}/set-up/readings', 'builds/{build}/set-up/frets', 'builds/{build}/set-up/readings/{reading}/undo',
        'account/bench-code', 'clocks/{entry}/stop', 'parts/parcel', 'kit/{line}/arrival', 'kit/{line}/use', 'kit/{line}/write-off',
    ];

    private Build $build;

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->build = $this->build();
    }

    public function test_every_address_is_for_everybody_for_makers_or_for_the_manager_and_none_is_forgotten(): void
    {
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (in_array($route->uri(), self::OPEN_TO_GUESTS, true)) {
                continue;
            }
            $middleware = $route->gatherMiddleware();
            $this->assertContains('auth', $middleware, "{$route->uri()} wants somebody signed in");
            $this->assertSame(
                ! in_array($route->uri(), self::FOR_MAKERS, true), in_array('can:manage', $middleware, true),
                "{$route->uri()} is the manager's, or stands in the list for makers",
            );
        }
    }

    public function test_guests_are_sent_to_sign_in_whatever_they_ask_for(): void
    {
        foreach ([
            '/today', '/horizon', '/builds', '/builds/1', '/parts', '/people', '/house', '/commissions/new',
        ] as $path) {
            $this->get($path)->assertRedirect('/sign-in');
        }
        $this->post('/commissions', [])->assertRedirect('/sign-in');
        $this->post(
            "/operations/{$this->operation($this->build, PreparationOperation::Agree->value)->id}/clock",
        )->assertRedirect('/sign-in');
        $this->assertSame(0, DB::table('time_entries')->count());
    }

    /** @return iterable<string, array{string}> */
    public static function managersOnly(): iterable
    {
        foreach ([
            'promise', 'wait', 'order', 'people', 'person', 'day off', 'shop', 'standard', 'finish', 'resource',
            'price', 'closed day',
        ] as $what) {
            yield $what => [$what];
        }
    }

    #[DataProvider('managersOnly')]
    public function test_a_maker_is_refused_and_nothing_changes(string $what): void
    {
        [$method, $path, $form] = $this->requestFor($what);
        $before = $this->everything();
        $this->actingAs($this->maker)->{$method}($path, $form)->assertForbidden();
        $this->assertSame($before, $this->everything());
    }

    /** @return iterable<string, array{string}> */
    public static function versioned(): iterable
    {
        foreach (['promise', 'wait', 'order', 'person', 'shop', 'standard', 'finish', 'resource', 'price'] as $what) {
            yield $what => [$what];
        }
    }

    #[DataProvider('versioned')]
    public function test_the_second_change_from_an_old_page_is_refused_with_a_sentence(string $what): void
    {
        [$method, $path, $form] = $this->requestFor($what);
        $this->actingAs($this->manager)->{$method}($path, $form)->assertSessionHasNoErrors();
        $before = $this->everything();
        $this->{$method}($path, $form)->assertSessionHasErrors('conflict');
        $this->assertStringContainsString(
            'changed by somebody else in the meantime. Nothing of yours was saved',
            session('errors')->first('conflict'),
        );
        $this->assertSame($before, $this->everything());
    }

    /** @return array{string, string, array<string, mixed>} */
    private function requestFor(string $what): array
    {
        $week = array_fill(1, 5, '8–12');

        return match ($what) {
            'promise' => [
                'post', '/builds/1/promise', ['version' => 1, 'promised_on' => '2026-09-01', 'because' => 'agreed'],
            ],
            'wait' => [
                'post',
                "/operations/{$this->operation($this->build, BodyOperation::Edges->value)->id}/wait",
                ['version' => 1, 'what' => 'edges', 'until' => '2026-04-01'],
            ],
            'order' => [
                'post',
                '/kit/'.KitLine::query()->where('name', 'bridge')->value('id').'/order',
                ['version' => 1, 'expected_on' => '2026-04-01', 'cost' => '80'],
            ],
            'people' => [
                'post',
                '/people',
                ['name' => 'Maren', 'role' => 'maker', 'skills' => ['finish'], 'active' => true, 'own_hours' => false],
            ],
            'person' => [
                'put',
                "/people/{$this->maker->id}",
                [
                    'version' => 1, 'name' => 'Tobias Renn', 'email' => 'tobias@example.org', 'role' => 'maker',
                    'skills' => ['bodies'], 'rate' => '31', 'active' => true, 'own_hours' => true, 'hours' => $week,
                ],
            ],
            'day off' => ['post', "/people/{$this->maker->id}/days-off", ['date' => '2026-04-01']],
            'shop' => [
                'put',
                '/house',
                [
                    'version' => 1, 'name' => 'Renamed', 'timezone' => 'Europe/Berlin', 'labour_rate' => '50',
                    'overhead_percent' => '10', 'margin_percent' => '10', 'deposit_percent' => '30', 'risk_days' => '2',
                    'hours' => $week,
                ],
            ],
            'standard' => [
                'put',
                '/house/standards/'.OperationStandard::query()->orderBy('id')->value('id'),
                ['version' => 1, 'set_up' => '0', 'labour' => '2', 'hold' => '0', 'skill' => 'design'],
            ],
            'finish' => [
                'put',
                '/house/finishes/'.FinishStandard::query()->value('id'),
                [
                    'version' => 1, 'body_coats' => 3, 'neck_coats' => 3, 'coats_a_day' => 2, 'after_first' => '12 h',
                    'between_coats' => '6 h', 'overnight' => '14 h', 'cure' => '5 d',
                    'because' => 'by the data sheet of our lacquer',
                ],
            ],
            'resource' => [
                'put',
                '/house/resources/'.Resource::query()->where('key', 'body-clamps')->value('id'),
                ['version' => 1, 'capacity' => 3],
            ],
            'price' => [
                'put',
                '/house/prices/'.Price::query()->value('id'),
                ['version' => 1, 'cost' => '15', 'lead_days' => 8, 'supplier' => 'yard'],
            ],
            default => ['post', '/house/closed-days', ['date' => '2026-04-01', 'note' => 'fair']],
        };
    }

    /** @return array<string, mixed> what could have been changed */
    private function everything(): array
    {
        return [
            'shop' => Shop::current()->toArray(),
            'people' => Person::query()->orderBy('id')->get()->toArray(),
            'build' => Build::query()->get()->toArray(),
            'operations' => DB::table('operations')->orderBy('id')->get()->toJson(),
            'kit' => DB::table('kit_lines')->orderBy('id')->get()->toJson(),
            'house' => [
                DB::table('operation_standards')->get()->toJson(), DB::table('finish_standards')->get()->toJson(),
                DB::table('resources')->get()->toJson(), DB::table('prices')->get()->toJson(),
                DB::table('closed_days')->count(), DB::table('days_off')->count(),
            ],
            'log' => DB::table('log_entries')->count(),
            'plans' => DB::table('plans')->count(),
        ];
    }
}
