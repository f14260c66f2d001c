<?php

declare(strict_types=1);

namespace Regimen\Tests\Route;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Route\Methods;
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
        yield 'laminations' => [Rules\LaminatedNeck::class, ['laminations' => '3'], [], [], [], 'neck.laminate'];
        yield 'rods' => [Rules\StiffeningRods::class, ['stiffeningRods' => 'yes'], [], [], [], 'neck.rods'];
        yield 'truss rod' => [Rules\TrussRod::class, [], [], ['rodLength' => '0'], [], 'neck.channel'];
        yield 'rest of what is glued' => [Rules\RestedNeck::class, ['laminations' => '3'], [], [], [], 'neck.recheck'];
        yield 'rest of what is wet' => [Rules\RestedNeck::class, ['neckMoisture' => '13'], [], ['neckMoisture' => '9'], [], 'neck.recheck'];
        yield 'scarf' => [Rules\ScarfedHeadstock::class, [], [], ['headConstruction' => 'one_piece'], [], 'neck.headstock'];
        yield 'one piece' => [Rules\OnePieceHeadstock::class, ['headConstruction' => 'one_piece'], [], ['headstock' => 'flat'], [], 'neck.headstock'];
        yield 'flat headstock' => [Rules\FlatHeadstock::class, ['headstock' => 'flat'], [], [], [], 'neck.headstock'];
        yield 'veneer' => [Rules\HeadstockVeneer::class, ['veneer' => '2'], [], [], [], 'neck.veneer'];
        yield 'volute' => [Rules\Volute::class, ['volute' => 'yes'], [], [], [], 'neck.volute'];
        yield 'tuner holes after' => [Rules\TunerHolesAfter::class, [], [], [], ['tuner-holes' => 'before'], 'neck.headstock-thickness > neck.tuner-holes'];
        yield 'tuner holes before' => [Rules\TunerHolesBefore::class, [], ['tuner-holes' => 'before'], [], [], 'neck.tuner-holes > neck.headstock-thickness'];
        yield 'slots before' => [Rules\SlotsBeforeGlueing::class, [], [], [], ['slots' => 'after'], 'fretboard.slots > fretboard.glue'];
        yield 'slots after' => [Rules\SlotsAfterGlueing::class, [], ['slots' => 'after'], [], [], 'fretboard.glue > fretboard.slots'];
        yield 'slots from the arc' => [Rules\SlotsAfterRadius::class, [], ['slots' => 'arc'], [], [], 'fretboard.radius > fretboard.slots'];
        yield 'markers' => [Rules\FaceMarkers::class, [], [], ['markers' => 'none'], [], 'fretboard.markers'];
        yield 'markers before' => [Rules\MarkersBeforeRadius::class, [], [], [], ['markers' => 'after'], 'fretboard.markers > fretboard.radius'];
        yield 'markers after' => [Rules\MarkersAfterRadius::class, [], ['markers' => 'after'], [], [], 'fretboard.radius > fretboard.markers'];
        yield 'board binding' => [Rules\BoardBinding::class, ['boardBinding' => '1.5'], [], [], [], 'fretboard.binding'];
        yield 'side markers' => [Rules\SideMarkers::class, [], [], ['sideMarkers' => '0'], [], 'fretboard.side-markers'];
        yield 'fretted on' => [Rules\FrettedOnTheNeck::class, [], [], [], ['frets' => 'off'], 'fretboard.glue > fretboard.radius'];
        yield 'fretted off' => [Rules\FrettedOffTheNeck::class, [], ['frets' => 'off'], [], [], 'fretboard.fret > fretboard.glue'];
        yield 'carved after' => [Rules\CarvedAfterRadius::class, [], [], [], ['carve' => 'before'], 'fretboard.radius > neck.carve'];
        yield 'carved before' => [Rules\CarvedBeforeGlueing::class, [], ['carve' => 'before'], [], [], 'neck.carve > fretboard.glue'];
        yield 'body halves' => [Rules\BodyBlank::class, [], [], ['bodyPieces' => '1'], [], 'body.joint'];
        yield 'body halves of a through neck' => [Rules\BodyBlank::class, [], [], ['joint' => 'through'], [], 'body.joint'];
        yield 'chambers' => [Rules\Chambers::class, ['body' => 'chambered', 'layers' => self::LAYERS], [], [], [], 'body.chambers'];
        yield 'weight relief' => [Rules\Chambers::class, ['weightRelief' => 'yes'], [], [], [], 'body.chambers'];
        yield 'hidden wires' => [Rules\HiddenWires::class, ['body' => 'semi-hollow', 'layers' => self::LAYERS], [], ['layers' => self::LAYERS], [], 'body.paths'];
        yield 'layers' => [Rules\BodyLayers::class, ['layers' => self::LAYERS], [], [], [], 'body.glue-layers'];
        yield 'body binding' => [Rules\BodyBinding::class, ['bodyBinding' => '2', 'edgeRadius' => '1'], [], [], [], 'body.binding'];
        yield 'pocket' => [Rules\NeckPocket::class, ['joint' => 'set'], [], ['joint' => 'through'], [], 'joint.pocket'];
        yield 'mortise' => [Rules\Mortise::class, ['joint' => 'bolted_mortise'], [], [], [], 'joint.tenon'];
        yield 'through neck' => [Rules\ThroughNeck::class, ['joint' => 'through'], [], ['joint' => 'set'], [], 'joint.wings'];
        yield 'bolted neck' => [Rules\BoltedNeck::class, ['joint' => 'bolted_mortise'], [], ['joint' => 'set'], [], 'joint.screws'];
        yield 'bolt holes after' => [Rules\BoltHolesAfterSanding::class, [], [], [], ['bolt-holes' => 'before'], 'neck.sand > joint.screws'];
        yield 'bolt holes before' => [Rules\BoltHolesBeforeSanding::class, [], ['bolt-holes' => 'before'], ['joint' => 'set'], ['bolt-holes' => 'before'], 'joint.screws > neck.sand'];
        yield 'set neck' => [Rules\SetNeck::class, ['joint' => 'set'], [], [], [], 'joint.glue-neck'];
        yield 'grain fill' => [Rules\GrainFill::class, ['finish' => 'shellac', 'layers' => [['timber' => 'white ash', 'thickness' => '45']]], [], ['finish' => 'shellac'], [], 'finish.fill'];
        yield 'stain under oil' => [Rules\Stain::class, ['colour' => 'red'], [], [], [], 'finish.stain'];
        yield 'stain under lacquer' => [Rules\Stain::class, ['finish' => 'nitrocellulose', 'colour' => 'walnut stain'], [], ['finish' => 'nitrocellulose', 'colour' => 'red'], [], 'finish.stain'];
        yield 'colour' => [Rules\ColourCoat::class, ['finish' => 'nitrocellulose', 'colour' => 'red'], [], ['colour' => 'red'], [], 'finish.body.seal > finish.colour'];
        yield 'cleared board' => [Rules\ClearedBeforeFretting::class, self::LACQUERED, [], self::LACQUERED, ['lacquered-board' => 'masked'], 'finish.neck.polish > fretboard.fret'];
        yield 'masked frets' => [Rules\MaskedFrets::class, self::LACQUERED, ['lacquered-board' => 'masked'], [], ['lacquered-board' => 'masked'], 'fretboard.fret > finish.mask'];
        yield 'bare board' => [Rules\BareBoard::class, [], [], self::LACQUERED, [], 'fretboard.fret > finish.mask'];
        yield 'oiled board' => [Rules\OiledBoard::class, ['boardFinish' => 'oiled'], [], [], [], 'fretboard.oil'];
        yield 'oiled back' => [Rules\OiledBack::class, ['joint' => 'set', 'finish' => 'nitrocellulose', 'neckFinish' => 'oil'], [], ['joint' => 'set', 'finish' => 'nitrocellulose'], [], 'finish.neck-back'];
        yield 'finished apart' => [Rules\FinishedApart::class, [], [], ['joint' => 'set'], [], 'finish.body.cure'];
        yield 'finished together' => [Rules\FinishedTogether::class, ['joint' => 'through'], [], [], [], 'finish.cure'];
        yield 'harness' => [Rules\Harness::class, [], [], ['pickups' => 0], [], 'electronics.harness'];
        yield 'shielding' => [Rules\Shield::class, ['shielding' => 'foil'], [], [], [], 'electronics.shield'];
        yield 'nut' => [Rules\Nut::class, [], [], ['zeroFret' => 'yes'], [], 'set-up.nut'];
        yield 'zero fret' => [Rules\ZeroFret::class, ['zeroFret' => 'yes'], [], [], [], 'set-up.nut'];
        yield 'everything first' => [Rules\EverythingFirst::class, [], [], [], ['cutting' => 'timber'], 'parts.measure > body.joint'];
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
