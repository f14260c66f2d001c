<?php

declare(strict_types=1);

namespace Tests\Feature\Route;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\Operation;
use App\Models\Build\SpecificationRevision;
use App\Models\House\OperationStandard;
use App\Models\House\Price;
use App\Planning\Specification\Revisions;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Regimen\Costing\PartKind;
use Regimen\Parts\PartGroup;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\BoxOperation;
use Regimen\Route\Operations\CoatStep;
use Regimen\Route\Operations\ElectronicsOperation;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\HeadstockOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Tests\TestCase;

/** Whatever instrument is commissioned: it is drawn, planned, specified, released and sent to the bench. */
final class EveryInstrumentTest extends TestCase
{
    /**
     * @return iterable<string, array{array<string, mixed>, list<string>, list<string>}> typed, operations on its route,
     *   operations that are not
     */
    public static function instruments(): iterable
    {
        yield 'a through neck in shellac' => [
            ['joint' => 'through', 'finish' => 'shellac'],
            [JointOperation::Wings->value, CoatStep::Cure->value, FinishOperation::Polish->value],
            [JointOperation::Screws->value, JointOperation::Pocket->value, CoatStep::BodyCure->value],
        ];
        yield 'an aged one with pickups of the house' => [
            ['finish' => 'nitrocellulose', 'aged' => 'yes', 'pickupsWound' => 'yes'],
            [FinishOperation::Age->value, ElectronicsOperation::Wind->value],
            [],
        ];
        yield 'a bolted mortise in two-part lacquer' => [
            ['joint' => 'bolted_mortise', 'finish' => 'two-part'],
            [JointOperation::Screws->value, CoatStep::BodyCure->value, CoatStep::NeckCure->value],
            [JointOperation::GlueNeck->value],
        ];
        yield 'a semi-hollow one in water-borne lacquer' => [
            [
                'body' => 'semi-hollow',
                'finish' => 'water-borne',
                'layers' => [
                    ['timber' => 'sugar maple', 'thickness' => '5'], ['timber' => 'limba', 'thickness' => '40'],
                ],
            ],
            [BodyOperation::Chambers->value, BodyOperation::GlueLayers->value],
            [],
        ];
        yield 'a relieved solid one in hard-wax oil' => [
            ['weightRelief' => 'yes', 'chamberShare' => '15', 'finish' => 'hard-wax-oil'],
            [BodyOperation::Chambers->value, CoatStep::BodyCure->value],
            [BodyOperation::GlueLayers->value, FinishOperation::Level->value],
        ];
        yield 'a varnished bass' => [
            [
                'type' => 'bass', 'strings' => '4', 'scale' => '34"', 'nutWidth' => '1 1/2"', 'frets' => '21',
                'finish' => 'brushed-varnish', 'pickups' => [['place' => 'bridge', 'kind' => 'humbucker']],
            ],
            [ElectronicsOperation::Install->value, CoatStep::NeckCure->value],
            [],
        ];
        yield 'a flat-top' => [
            [
                'type' => 'flat-top',
                'body' => 'flat-top',
                'joint' => 'set',
                'pickups' => [],
                'layers' => [
                    ['timber' => 'Sitka spruce', 'thickness' => '2.8'], ['timber' => 'sapele', 'thickness' => '98'],
                ],
            ],
            [NeckOperation::Carve->value, FretboardOperation::Fret->value, AssemblyOperation::StringUp->value],
            [BodyOperation::Outline->value, BodyOperation::Cavities->value, ElectronicsOperation::Harness->value],
        ];
        yield 'a flat-top with a dovetail, bound' => [
            ['type' => 'flat-top', 'body' => 'flat-top', 'joint' => 'dovetail', 'pickups' => [], 'layers' => [['timber' => 'Engelmann spruce', 'thickness' => '2.9']], 'backTimber' => 'black walnut', 'bodyBinding' => '1.5'],
            [JointOperation::Tenon->value, JointOperation::GlueNeck->value, BoxOperation::Bind->value, BoxOperation::CloseTop->value, BoxOperation::GlueBridge->value],
            [JointOperation::GlueTongue->value, JointOperation::Screws->value],
        ];
        yield 'a flat-top for nylon strings' => [
            [
                'type' => 'flat-top', 'body' => 'flat-top', 'joint' => 'bolted_mortise', 'pickups' => [], 'layers' => [['timber' => 'western redcedar', 'thickness' => '2.6']], 'stringMaterial' => 'nylon', 'nutWidth' => '',
                'scale' => '650', 'frets' => '19', 'joinFret' => '12', 'bridge' => 'tied', 'tuners' => 'through_the_side', 'headThickness' => '20',
            ],
            [JointOperation::GlueTongue->value, BoxOperation::BraceTop->value, HeadstockOperation::TunerHoles->value],
            [JointOperation::GlueNeck->value],
        ];
        yield 'a multi-scale eight-string' => [
            ['strings' => '8', 'nutWidth' => '54', 'scale' => '27"', 'scaleTreble' => '25 1/2"', 'squareFret' => '8', 'bridge' => 'single_bridges', 'bridgeRecess' => '2', 'rods' => '2'],
            [JointOperation::Recesses->value, ElectronicsOperation::Grounds->value, NeckOperation::Channel->value],
            [HeadstockOperation::Headpiece->value],
        ];
        yield 'a headless bass' => [
            ['type' => 'bass', 'strings' => '4', 'scale' => '34"', 'nutWidth' => '1 1/2"', 'frets' => '24', 'headstock' => 'headless', 'bridge' => 'single_bridges', 'bridgeRecess' => '3', 'pickups' => [['place' => 'bridge', 'kind' => 'humbucker']]],
            [HeadstockOperation::Headpiece->value, JointOperation::Recesses->value],
            [HeadstockOperation::TunerHoles->value, HeadstockOperation::Thickness->value, HeadstockOperation::Construct->value],
        ];
        yield 'a twelve-string, left-handed' => [
            [
                'strings' => '12', 'hand' => 'left', 'nutWidth' => '48', 'stiffeningRods' => 'yes',
                'tunerLayout' => 'both_sides',
            ],
            [HeadstockOperation::TunerHoles->value],
            [],
        ];
    }

    /**
     * @param  array<string, mixed>  $typed
     * @param  list<string>  $on
     * @param  list<string>  $off
     */
    #[DataProvider('instruments')]
    public function test_it_goes_all_the_way(array $typed, array $on, array $off): void
    {
        $this->openShop();
        $this->actingAs($this->manager);
        $specification = [...self::SPECIFICATION, ...$typed];
        $figures = $this
            ->postJson('/commissions/forecast', ['specification' => $specification])
            ->assertOk()
            ->json('figures');
        $this->assertTrue(isset($figures['ready']), 'every one of them has a date');
        $this->assertNotEmpty($figures['drawing']['shapes']);
        $this->post(
            '/commissions', ['purpose' => 'stock', 'specification' => $specification],
        )->assertSessionHasNoErrors();
        $build = Build::query()->sole();
        foreach ($on as $key) {
            $this->assertTrue(Operation::query()->where('key', $key)->exists(), "{$key} is on its route");
        }
        foreach ($off as $key) {
            $this->assertFalse(Operation::query()->where('key', $key)->exists(), "{$key} is not");
        }
        $this->assertSame(0, Operation::query()->whereDoesntHave('planned')->count());
        $this->assertSame($build->estimated_material_minor, (int) KitLine::query()->sum('estimated_minor'));
        $page = $this->get('/builds/1/specification')->assertOk();
        $this->assertSame($figures['inOneLine'], $page->inertiaProps('worked.shown.inOneLine'));
        $this->post('/builds/1/specification/release', ['version' => 1])->assertSessionHasNoErrors();
        foreach (['/builds', '/builds/1', '/horizon', '/today'] as $path) {
            $this->get($path)->assertOk();
        }
        foreach ([
            'fretboard.svg', 'headstock.dxf', 'neck-side.svg', 'body.dxf', 'sheet-a4.pdf', 'strings.csv',
            'specification.json',
        ] as $file) {
            $this->get("/builds/1/specification/1/{$file}")->assertOk();
        }
    }

    public function test_a_shop_that_knows_neither_ageing_nor_winding_gets_both(): void
    {
        $this->openShop();
        $new = [FinishOperation::Age->value, ElectronicsOperation::Wind->value];
        OperationStandard::query()->whereIn('key', $new)->delete();
        Price::query()->where('key', PartKind::PickupParts->value)->delete();
        $this->actingAs($this->manager);
        $this->artisan('migrate')->assertSuccessful();
        $typed = ['aged' => 'yes', 'pickupsWound' => 'yes', 'finish' => 'nitrocellulose'];
        $this->commission($typed);
        $this->assertSame([360, 300], array_map(
            static fn (string $key): int => Operation::query()->where('key', $key)->sole()->labour_minutes,
            $new,
        ));
        $names = KitLine::query()->where('group', PartGroup::Pickups)->pluck('quantity', 'name')->all();
        $this->assertSame(['magnets, bobbins, wire and wax for a pickup' => 2.0], $names);
        $page = $this->get('/builds/1/route')->assertOk();
        $ageing = collect($page->inertiaProps('operations'))->firstWhere('key', FinishOperation::Age->value);
        $this->assertStringContainsString('ageing chemicals', $ageing['cautions'][0]);
    }

    public function test_what_was_agreed_before_a_field_was_there_is_read_as_the_trade_has_it(): void
    {
        $this->openShop();
        $this->build();
        DB::unprepared('DROP TRIGGER released_revisions_are_never_edited');
        foreach (DB::table('specification_revisions')->pluck('house', 'id') as $id => $house) {
            $then = array_diff_key((array) json_decode((string) $house, true), ['aged' => '', 'pickupsWound' => '']);
            DB::table('specification_revisions')->where('id', $id)->update(
                ['house' => json_encode($then, JSON_THROW_ON_ERROR)],
            );
        }
        $this->actingAs($this->manager);
        foreach (['/horizon', '/builds', '/builds/1', '/builds/1/route', '/builds/1/specification'] as $page) {
            $this->get($page)->assertOk();
        }
        $this->assertFalse(Revisions::read(SpecificationRevision::query()->firstOrFail())->orFail()->finishing->aged);
    }

    public function test_an_outline_that_is_brought_along_is_drawn_and_told(): void
    {
        $this->openShop();
        $this->actingAs($this->manager);
        $this->commission();
        $ask = fn (string $svg) => $this
            ->postJson(
                '/builds/1/specification/work-out',
                [
                    'specification' => [
                        ...self::SPECIFICATION, 'outline' => 'imported', 'outlineSvg' => $svg, 'bodyWidth' => '320',
                    ],
                ],
            )
            ->assertOk()
            ->json('shown');
        $ellipse = 'M 0 0 A 260 160 0 0 1 520 0 A 260 160 0 0 1 0 0 Z';
        $good = $ask($ellipse);
        $told = collect($good['findings'])->firstWhere('key', 'outline');
        $this->assertSame('note', $told['severity']);
        // An ellipse of 520 by 320: π · 260 · 160 = 1306.9 cm².
        $this->assertStringContainsString('1307 cm²', $told['figures']);
        $this->assertStringContainsString('520 long', $told['figures']);
        $front = collect($good['views'])->firstWhere('key', 'front');
        $this->assertGreaterThan(60, substr_count($front['shapes'][0]['d'], 'L'));
        foreach ([
            '<svg onload="x()"></svg>',
            '<!DOCTYPE x [<!ENTITY y SYSTEM "file:///etc/passwd">]><svg><path d="M0 0h9v9z"/></svg>',
            'M0 0',
            str_repeat('M', 300),
        ] as $hostile) {
            $bad = $ask($hostile);
            $this->assertSame('stop', collect($bad['findings'])->firstWhere('key', 'outline')['severity']);
            $this->assertStringNotContainsString('root:', (string) json_encode($bad));
        }
    }
}
