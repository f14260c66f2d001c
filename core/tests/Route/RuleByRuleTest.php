<?php

declare(strict_types=1);

namespace Regimen\Tests\Route;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Route\Methods;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\CoatStep;
use Regimen\Route\Operations\ElectronicsOperation;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\HeadstockOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Route\Route;
use Regimen\Route\RouteDraft;
use Regimen\Route\RoutePlanner;
use Regimen\Route\RouteRule;
use Regimen\Route\Rules;
use Regimen\Route\TradeStandards;
use Regimen\Tests\Specifications;

/** Each rule class alone: for which instrument and method it speaks, for which it is silent, and what it is there for. */
final class RuleByRuleTest extends TestCase
{
    private const LAYERS = [['timber' => 'bigleaf maple', 'thickness' => '6'], ['timber' => 'white ash', 'thickness' => '38']];

    private const LACQUERED = ['finish' => 'nitrocellulose', 'boardTimber' => 'sugar maple'];

    /** @return iterable<string, array{class-string<RouteRule>, array<string, mixed>, array<string, string>, array<string, mixed>, array<string, string>, string}> rule; instrument and methods for which it speaks; for which it is silent; what it adds */
    public static function rules(): iterable
    {
        yield 'laminations' => [Rules\LaminatedNeck::class, ['laminations' => '3'], [], [], [], NeckOperation::Laminate->value];
        yield 'rods' => [Rules\StiffeningRods::class, ['stiffeningRods' => 'yes'], [], [], [], NeckOperation::Rods->value];
        yield 'truss rod' => [Rules\TrussRod::class, [], [], ['rodLength' => '0'], [], NeckOperation::Channel->value];
        yield 'rest of what is glued' => [Rules\RestedNeck::class, ['laminations' => '3'], [], [], [], NeckOperation::Recheck->value];
        yield 'rest of what is wet' => [Rules\RestedNeck::class, ['neckMoisture' => '13'], [], ['neckMoisture' => '9'], [], NeckOperation::Recheck->value];
        yield 'scarf' => [Rules\ScarfedHeadstock::class, [], [], ['headConstruction' => 'one_piece'], [], HeadstockOperation::Construct->value];
        yield 'one piece' => [Rules\OnePieceHeadstock::class, ['headConstruction' => 'one_piece'], [], ['headstock' => 'flat'], [], HeadstockOperation::Construct->value];
        yield 'flat headstock' => [Rules\FlatHeadstock::class, ['headstock' => 'flat'], [], [], [], HeadstockOperation::Construct->value];
        yield 'veneer' => [Rules\HeadstockVeneer::class, ['veneer' => '2'], [], [], [], HeadstockOperation::Veneer->value];
        yield 'volute' => [Rules\Volute::class, ['volute' => 'yes'], [], [], [], NeckOperation::Volute->value];
        yield 'tuner holes after' => [Rules\TunerHolesAfter::class, [], [], [], ['tuner-holes' => 'before'], HeadstockOperation::Thickness->value.' > '.HeadstockOperation::TunerHoles->value];
        yield 'tuner holes before' => [Rules\TunerHolesBefore::class, [], ['tuner-holes' => 'before'], [], [], HeadstockOperation::TunerHoles->value.' > '.HeadstockOperation::Thickness->value];
        yield 'slots before' => [Rules\SlotsBeforeGlueing::class, [], [], [], ['slots' => 'after'], FretboardOperation::Slots->value.' > '.FretboardOperation::Glue->value];
        yield 'slots after' => [Rules\SlotsAfterGlueing::class, [], ['slots' => 'after'], [], [], FretboardOperation::Glue->value.' > '.FretboardOperation::Slots->value];
        yield 'slots from the arc' => [Rules\SlotsAfterRadius::class, [], ['slots' => 'arc'], [], [], FretboardOperation::Radius->value.' > '.FretboardOperation::Slots->value];
        yield 'markers' => [Rules\FaceMarkers::class, [], [], ['markers' => 'none'], [], FretboardOperation::Markers->value];
        yield 'markers before' => [Rules\MarkersBeforeRadius::class, [], [], [], ['markers' => 'after'], FretboardOperation::Markers->value.' > '.FretboardOperation::Radius->value];
        yield 'markers after' => [Rules\MarkersAfterRadius::class, [], ['markers' => 'after'], [], [], FretboardOperation::Radius->value.' > '.FretboardOperation::Markers->value];
        yield 'board binding' => [Rules\BoardBinding::class, ['boardBinding' => '1.5'], [], [], [], FretboardOperation::Binding->value];
        yield 'side markers' => [Rules\SideMarkers::class, [], [], ['sideMarkers' => '0'], [], FretboardOperation::SideMarkers->value];
        yield 'fretted on' => [Rules\FrettedOnTheNeck::class, [], [], [], ['frets' => 'off'], FretboardOperation::Glue->value.' > '.FretboardOperation::Radius->value];
        yield 'fretted off' => [Rules\FrettedOffTheNeck::class, [], ['frets' => 'off'], [], [], FretboardOperation::Fret->value.' > '.FretboardOperation::Glue->value];
        yield 'carved after' => [Rules\CarvedAfterRadius::class, [], [], [], ['carve' => 'before'], FretboardOperation::Radius->value.' > '.NeckOperation::Carve->value];
        yield 'carved before' => [Rules\CarvedBeforeGlueing::class, [], ['carve' => 'before'], [], [], NeckOperation::Carve->value.' > '.FretboardOperation::Glue->value];
        yield 'body halves' => [Rules\BodyBlank::class, [], [], ['bodyPieces' => '1'], [], BodyOperation::Joint->value];
        yield 'body halves of a through neck' => [Rules\BodyBlank::class, [], [], ['joint' => 'through'], [], BodyOperation::Joint->value];
        yield 'chambers' => [Rules\Chambers::class, ['body' => 'chambered', 'layers' => self::LAYERS], [], [], [], BodyOperation::Chambers->value];
        yield 'weight relief' => [Rules\Chambers::class, ['weightRelief' => 'yes'], [], [], [], BodyOperation::Chambers->value];
        yield 'hidden wires' => [Rules\HiddenWires::class, ['body' => 'semi-hollow', 'layers' => self::LAYERS], [], ['layers' => self::LAYERS], [], BodyOperation::Paths->value];
        yield 'layers' => [Rules\BodyLayers::class, ['layers' => self::LAYERS], [], [], [], BodyOperation::GlueLayers->value];
        yield 'body binding' => [Rules\BodyBinding::class, ['bodyBinding' => '2', 'edgeRadius' => '1'], [], [], [], BodyOperation::Binding->value];
        yield 'pocket' => [Rules\NeckPocket::class, ['joint' => 'set'], [], ['joint' => 'through'], [], JointOperation::Pocket->value];
        yield 'mortise' => [Rules\Mortise::class, ['joint' => 'bolted_mortise'], [], [], [], JointOperation::Tenon->value];
        yield 'through neck' => [Rules\ThroughNeck::class, ['joint' => 'through'], [], ['joint' => 'set'], [], JointOperation::Wings->value];
        yield 'bolted neck' => [Rules\BoltedNeck::class, ['joint' => 'bolted_mortise'], [], ['joint' => 'set'], [], JointOperation::Screws->value];
        yield 'bolt holes after' => [Rules\BoltHolesAfterSanding::class, [], [], [], ['bolt-holes' => 'before'], NeckOperation::Sand->value.' > '.JointOperation::Screws->value];
        yield 'bolt holes before' => [Rules\BoltHolesBeforeSanding::class, [], ['bolt-holes' => 'before'], ['joint' => 'set'], ['bolt-holes' => 'before'], JointOperation::Screws->value.' > '.NeckOperation::Sand->value];
        yield 'set neck' => [Rules\SetNeck::class, ['joint' => 'set'], [], [], [], JointOperation::GlueNeck->value];
        yield 'grain fill' => [Rules\GrainFill::class, ['finish' => 'shellac', 'layers' => [['timber' => 'white ash', 'thickness' => '45']]], [], ['finish' => 'shellac'], [], FinishOperation::Fill->value];
        yield 'stain under oil' => [Rules\Stain::class, ['colour' => 'red'], [], [], [], FinishOperation::Stain->value];
        yield 'stain under lacquer' => [Rules\Stain::class, ['finish' => 'nitrocellulose', 'colour' => 'walnut stain'], [], ['finish' => 'nitrocellulose', 'colour' => 'red'], [], FinishOperation::Stain->value];
        yield 'colour' => [Rules\ColourCoat::class, ['finish' => 'nitrocellulose', 'colour' => 'red'], [], ['colour' => 'red'], [], CoatStep::BodySeal->value.' > '.FinishOperation::Colour->value];
        yield 'cleared board' => [Rules\ClearedBeforeFretting::class, self::LACQUERED, [], self::LACQUERED, ['lacquered-board' => 'masked'], FinishOperation::PolishNeck->value.' > '.FretboardOperation::Fret->value];
        yield 'masked frets' => [Rules\MaskedFrets::class, self::LACQUERED, ['lacquered-board' => 'masked'], [], ['lacquered-board' => 'masked'], FretboardOperation::Fret->value.' > '.FinishOperation::Mask->value];
        yield 'bare board' => [Rules\BareBoard::class, [], [], self::LACQUERED, [], FretboardOperation::Fret->value.' > '.FinishOperation::Mask->value];
        yield 'oiled board' => [Rules\OiledBoard::class, ['boardFinish' => 'oiled'], [], [], [], FretboardOperation::Oil->value];
        yield 'oiled back' => [Rules\OiledBack::class, ['joint' => 'set', 'finish' => 'nitrocellulose', 'neckFinish' => 'oil'], [], ['joint' => 'set', 'finish' => 'nitrocellulose'], [], FinishOperation::NeckBack->value];
        yield 'finished apart' => [Rules\FinishedApart::class, [], [], ['joint' => 'set'], [], CoatStep::BodyCure->value];
        yield 'finished together' => [Rules\FinishedTogether::class, ['joint' => 'through'], [], [], [], CoatStep::Cure->value];
        yield 'harness' => [Rules\Harness::class, [], [], ['pickups' => 0], [], ElectronicsOperation::Harness->value];
        yield 'shielding' => [Rules\Shield::class, ['shielding' => 'foil'], [], [], [], ElectronicsOperation::Shield->value];
        yield 'nut' => [Rules\Nut::class, [], [], ['zeroFret' => 'yes'], [], AssemblyOperation::Nut->value];
        yield 'zero fret' => [Rules\ZeroFret::class, ['zeroFret' => 'yes'], [], [], [], AssemblyOperation::Nut->value];
        yield 'everything first' => [Rules\EverythingFirst::class, [], [], [], ['cutting' => 'timber'], PreparationOperation::MeasureParts->value.' > '.BodyOperation::Joint->value];
    }

    /**
     * @param  class-string<RouteRule>  $class
     * @param  array<string, mixed>  $speaks
     * @param  array<string, string>  $by
     * @param  array<string, mixed>  $silent
     * @param  array<string, string>  $otherwise
     */
    #[DataProvider('rules')]
    public function test_it_speaks_where_it_should_and_adds_what_it_is_there_for(string $class, array $speaks, array $by, array $silent, array $otherwise, string $adds): void
    {
        $rule = new $class;
        $specification = Specifications::sixString($speaks);
        $methods = Methods::of($by);
        self::assertTrue($rule->appliesTo($specification, $methods));
        self::assertFalse($rule->appliesTo(Specifications::sixString($silent), Methods::of($otherwise)));
        $route = RoutePlanner::withAllRules()->plan($specification, TradeStandards::all(), $methods);
        [$before, $after] = [...explode(' > ', $adds), null];
        if ($after === null) {
            self::assertSame($rule->name(), $route->find($before)?->rule);
            self::assertNotSame('', $route->find($before)->why);
        } else {
            self::assertSame($rule->name(), self::ruleOf($route, $before, $after));
        }
    }

    public function test_without_what_it_refers_to_a_rule_says_nothing_that_hangs_loose(): void
    {
        foreach (RoutePlanner::rules() as $rule) {
            $specification = Specifications::sixString(['laminations' => '3', 'volute' => 'yes', 'veneer' => '1', 'layers' => self::LAYERS, 'colour' => 'red', 'finish' => 'nitrocellulose']);
            $draft = new RouteDraft(TradeStandards::all(), $specification, Methods::usual());
            $draft->by($rule);
            $rule->contribute($draft, $specification, Methods::usual());
            $alone = $draft->route();
            $keys = array_map(static fn ($operation): string => $operation->key, $alone->operations);
            foreach ($alone->links as $link) {
                self::assertContains($link->before, $keys);
                self::assertContains($link->after, $keys);
            }
            self::assertSame([], $alone->clashes);
        }
    }

    private static function ruleOf(Route $route, string $before, string $after): ?string
    {
        foreach ($route->links as $link) {
            if ([$link->before, $link->after] === [$before, $after]) {
                return $link->rule;
            }
        }

        return null;
    }
}
