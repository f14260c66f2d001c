<?php

declare(strict_types=1);

namespace Regimen\Route;

use Regimen\Instrument\FinishSystem;
use Regimen\Units\Duration;

/**
 * What a new shop starts from: the default operations for one instrument made by hand with templates.
 * All figures are common practice without a single source; every one is a default that the shop can change. Hours by
 * another way than the usual one are the trade's where the trade gives them (radius, frets, carving) and house guesses
 * otherwise; so are the shares that grow with the instrument.
 */
final class TradeStandards
{
    private const D = 24;

    /** A machine router that follows a file; a new shop has none. */
    public const MACHINE = 'machine-router';

    /** key => [name, set-up h, labour h, hold h, skill, station, fixture, one sitting, caution] */
    private const OPERATIONS = [
        'brief.agree' => ['agree the specification', 0, 3, 0, 'design', null, null, false, null],
        'design.draw' => ['full-size drawing and check', 0, 4, 0, 'design', 'drawing-table', null, false, null],
        'design.templates' => ['templates or machine files', 0, 2, 0, 'design', 'drawing-table', null, false, null],
        'parts.order' => ['order the parts', 0, 1, 0, 'design', null, null, false, null],
        'parts.measure' => ['measure the parts against the drawing', 0, 1, 0, 'design', null, null, false, null],
        'parts.timber' => ['select timber, read moisture', 0, 1.5, 3 * self::D, 'bodies', null, null, false, null],
        'neck.square' => ['square the neck blank, centre line', 0.3, 1, 0, 'necks', 'saw-and-planer', null, false, 'machines'],
        'neck.channel' => ['truss-rod channel', 0.5, 0.5, 0, 'necks', 'router-table', null, false, 'machines'],
        'neck.laminate' => ['laminate the neck blank', 0.3, 1, 24, 'necks', 'saw-and-planer', 'neck-clamps', true, 'adhesives'],
        'neck.rods' => ['stiffening rods', 0.3, 0.75, 18, 'necks', 'router-table', 'neck-clamps', true, 'adhesives'],
        'neck.rough-rest' => ['rough the shaft, let it rest', 0.2, 0.75, 240, 'necks', 'saw-and-planer', null, false, 'machines'],
        'neck.recheck' => ['check the rested shaft, flatten again', 0, 0.5, 0, 'necks', 'saw-and-planer', null, false, 'machines'],
        'neck.headstock' => ['headstock angle and scarf', 0.3, 1.25, 12, 'necks', 'neck-bench', 'headstock-clamps', true, 'adhesives'],
        'neck.headstock-angle' => ['saw the headstock’s angle', 0.3, 0.75, 0, 'necks', 'saw-and-planer', null, false, 'machines'],
        'neck.headstock-step' => ['step the headstock down', 0.3, 0.5, 0, 'necks', 'saw-and-planer', null, false, 'machines'],
        'neck.wings' => ['headstock wings', 0.2, 0.75, 12, 'necks', 'neck-bench', 'headstock-clamps', true, 'adhesives'],
        'neck.veneer' => ['headstock veneer', 0.2, 0.5, 12, 'necks', 'neck-bench', 'headstock-clamps', true, 'adhesives'],
        'neck.rough' => ['rough the shaft', 0.2, 0.75, 0, 'necks', 'saw-and-planer', null, false, 'machines'],
        'neck.outline' => ['neck outline', 0.4, 1, 0, 'necks', 'router-table', null, false, 'machines'],
        'neck.headstock-thickness' => ['headstock to thickness', 0.3, 0.5, 0, 'necks', 'saw-and-planer', null, false, 'machines'],
        'neck.tuner-holes' => ['tuner holes', 0.2, 0.5, 0, 'necks', 'drill-press', null, false, 'machines'],
        'neck.carve' => ['carve the neck', 0.2, 4, 0, 'necks', 'neck-bench', null, false, 'dust'],
        'neck.volute' => ['carve the volute', 0, 0.75, 0, 'necks', 'neck-bench', null, false, 'dust'],
        'neck.sand' => ['sand the neck to 220–400', 0, 1.5, 0, 'necks', null, null, false, 'dust'],
        'fretboard.thickness' => ['fretboard to thickness', 0.3, 0.5, 0, 'frets', 'saw-and-planer', null, false, 'machines'],
        'fretboard.slots' => ['fret slots', 0.3, 0.75, 0, 'frets', 'saw-and-planer', null, false, 'machines'],
        'fretboard.taper' => ['taper and end of the board', 0.2, 0.5, 0, 'frets', 'router-table', null, false, 'machines'],
        'fretboard.markers' => ['face markers', 0.2, 1.25, 12, 'frets', 'fret-bench', null, true, 'adhesives'],
        'fretboard.binding' => ['bind the fretboard', 0.2, 1.5, 12, 'frets', 'fret-bench', null, true, 'binding'],
        'fretboard.glue' => ['glue the fretboard to the neck', 0.2, 0.75, 24, 'frets', 'neck-bench', 'flat-beam', true, 'adhesives'],
        'fretboard.side-markers' => ['side markers', 0.2, 0.75, 0, 'frets', 'fret-bench', null, false, 'adhesives'],
        'fretboard.radius' => ['radius the board', 0.3, 4, 0, 'frets', 'fret-bench', null, false, 'dust'],
        'fretboard.sand' => ['sand the board fine', 0, 0.75, 0, 'frets', null, null, false, 'dust'],
        'fretboard.oil' => ['oil the board', 0, 0.3, 12, 'frets', null, null, false, 'oily-rags'],
        'fretboard.fret' => ['fret, trim and bevel the ends', 0.3, 2.5, 0, 'frets', 'fret-bench', null, false, null],
        'body.joint' => ['joint and glue the body halves', 0.3, 1, 24, 'bodies', 'saw-and-planer', 'body-clamps', true, 'machines'],
        'body.thickness' => ['body blank to thickness', 0.3, 0.75, 0, 'bodies', 'saw-and-planer', null, false, 'machines'],
        'body.layers' => ['resaw, bookmatch and glue the upper layers', 0.4, 1.25, 12, 'bodies', 'saw-and-planer', 'body-clamps', true, 'machines'],
        'body.chambers' => ['rout the chambers', 0.3, 2, 0, 'bodies', 'router-table', null, false, 'machines'],
        'body.paths' => ['wire paths and grounding inside', 0.2, 0.75, 0, 'bodies', 'drill-press', null, false, 'machines'],
        'body.glue-layers' => ['glue the layers on', 0.2, 0.75, 24, 'bodies', null, 'body-clamps', true, 'adhesives'],
        'body.outline' => ['body outline', 0.4, 1.5, 0, 'bodies', 'router-table', null, false, 'machines'],
        'body.cavities' => ['pickup and control cavities', 0.4, 1.5, 0, 'bodies', 'router-table', null, false, 'machines'],
        'body.wiring' => ['wiring channels and jack', 0.2, 0.75, 0, 'bodies', 'drill-press', null, false, 'machines'],
        'body.binding' => ['bind the body: ledge, dry fit, bond', 0.3, 2.5, 18, 'bodies', 'router-table', null, true, 'binding'],
        'body.edges' => ['edges, belly, forearm', 0.2, 1.5, 0, 'bodies', null, null, false, 'dust'],
        'body.sand' => ['sand the body 80 to 220', 0, 3, 0, 'bodies', null, null, false, 'dust'],
        'joint.pocket' => ['neck pocket, fitted to its own neck', 0.3, 1.5, 0, 'joints', 'router-table', null, false, 'machines'],
        'joint.mortise' => ['mortise, fitted to its own tenon', 0.4, 1.75, 0, 'joints', 'router-table', null, false, 'machines'],
        'joint.tenon' => ['cut the tenon', 0.4, 0.75, 0, 'necks', 'router-table', null, false, 'machines'],
        'joint.wings' => ['glue the wings to the neck', 0.3, 1.25, 24, 'joints', null, 'body-clamps', true, 'adhesives'],
        'joint.bridge' => ['bridge position and holes', 0.2, 0.75, 0, 'joints', 'drill-press', null, false, 'machines'],
        'joint.screws' => ['drill and fit the neck screws', 0.2, 0.75, 0, 'joints', 'drill-press', null, false, 'machines'],
        'joint.inserts' => ['inserts and bolts', 0.2, 1, 0, 'joints', 'drill-press', null, false, 'machines'],
        'joint.dry-fit' => ['dry-fit all hardware, two outer strings', 0, 1.5, 0, 'joints', null, null, false, 'tension'],
        'joint.glue-neck' => ['glue the neck in, blend the heel', 0.2, 1.5, 24, 'joints', null, 'joint-clamp', true, 'adhesives'],
        'finish.fill' => ['grain fill', 0, 1, 24, 'finish', null, 'hanging-rail', true, 'solvents'],
        'finish.colour' => ['colour', 0, 1.5, 12, 'finish', 'spray-booth', 'hanging-rail', true, 'solvents'],
        'finish.burst' => ['sunburst', 0, 2, 12, 'finish', 'spray-booth', 'hanging-rail', true, 'solvents'],
        'finish.stain' => ['stain', 0, 0.5, 12, 'finish', null, 'hanging-rail', true, 'solvents'],
        'finish.mask' => ['mask the board', 0, 0.5, 0, 'finish', null, null, false, null],
        'finish.mask-frets' => ['mask every fret', 0, 2, 0, 'finish', null, null, false, null],
        'finish.scuff' => ['sand in after a missed recoat window', 0, 0.5, 0, 'finish', null, null, false, 'dust'],
        'finish.neck-back' => ['rub the back through and oil it', 0, 1, 24, 'finish', null, null, false, 'oily-rags'],
        'finish.seal' => ['seal', 0, 0.5, 2, 'finish', 'spray-booth', 'hanging-rail', true, 'solvents'],
        'finish.coat-nitrocellulose' => ['clear coat', 0, 0.4, 2, 'finish', 'spray-booth', 'hanging-rail', true, 'solvents'],
        'finish.coat-wiping-oil' => ['coat of oil', 0, 0.4, 5, 'finish', null, 'hanging-rail', true, 'oily-rags'],
        'finish.coat-hard-wax-oil' => ['coat of hard-wax oil', 0, 0.4, 30, 'finish', null, 'hanging-rail', true, 'oily-rags'],
        'finish.coat-brushed-varnish' => ['coat of varnish, brushed', 0, 0.5, 16, 'finish', null, 'hanging-rail', true, 'solvents'],
        'finish.coat-water-borne' => ['clear coat', 0, 0.35, 2, 'finish', 'spray-booth', 'hanging-rail', true, 'solvents'],
        'finish.coat-two-part' => ['clear coat, two-part', 0, 0.5, 6, 'finish', 'spray-booth', 'hanging-rail', true, 'isocyanates'],
        'finish.coat-shellac' => ['session of French polish', 0, 0.5, 24, 'finish', null, null, false, 'solvents'],
        'finish.level' => ['level the lacquer, 600 to 4000', 0, 1.5, 0, 'finish', null, null, false, 'dust'],
        'finish.polish' => ['polish', 0, 2, 0, 'finish', null, null, false, 'machines'],
        'finish.neck.level' => ['level the neck’s lacquer', 0, 0.75, 0, 'finish', null, null, false, 'dust'],
        'finish.neck.polish' => ['polish the neck', 0, 1, 0, 'finish', null, null, false, 'machines'],
        'electronics.harness' => ['wire the harness', 0.2, 2, 0, 'electronics', 'electronics-bench', null, false, 'soldering'],
        'electronics.shield' => ['shield the cavities', 0, 0.5, 6, 'electronics', null, null, false, 'solvents'],
        'electronics.install' => ['install, tap-test at every switch position', 0, 0.75, 0, 'electronics', 'electronics-bench', null, false, 'soldering'],
        'assembly.hardware' => ['hardware, tuners, covers', 0, 1.5, 0, 'set-up', null, null, false, null],
        'set-up.frets' => ['level, crown, polish frets', 0.2, 3, 0, 'set-up', 'set-up-bench', null, false, 'dust'],
        'set-up.nut' => ['nut', 0, 1.5, 0, 'set-up', 'set-up-bench', null, false, 'dust'],
        'set-up.guide' => ['zero fret and string guide', 0, 1.5, 0, 'set-up', 'set-up-bench', null, false, 'dust'],
        'set-up.string' => ['string: relief, action, intonation, pickups', 0, 1.5, 48, 'set-up', 'set-up-bench', 'settling-rack', false, 'tension'],
        'delivery.inspect' => ['second set-up, inspection, photographs, weight', 0, 1.25, 0, 'set-up', 'set-up-bench', null, false, 'tension'],
        'delivery.pack' => ['pack or hand over', 0, 0.5, 0, 'set-up', null, null, false, null],
    ];

    /** key => [what the labour grows with, share in % that stays] */
    private const DRIVERS = [
        'neck.laminate' => ['laminations', 40], 'neck.tuner-holes' => ['strings', 30],
        'fretboard.slots' => ['frets', 25], 'fretboard.markers' => ['markers', 30], 'fretboard.binding' => ['board-binding', 40], 'fretboard.radius' => ['board-width', 40],
        'fretboard.fret' => ['frets', 20], 'finish.mask-frets' => ['frets', 20], 'body.glue-layers' => ['layers', 50], 'body.layers' => ['layers', 30], 'body.cavities' => ['cavities', 30],
        'body.binding' => ['body-binding', 40], 'joint.screws' => ['fasteners', 50], 'joint.inserts' => ['fasteners', 50], 'electronics.harness' => ['pickups', 50],
        'electronics.install' => ['pickups', 50], 'set-up.frets' => ['frets', 30], 'set-up.nut' => ['strings', 40], 'set-up.guide' => ['strings', 40], 'set-up.string' => ['strings', 50],
    ];

    /** Three points in hours where the trade says more than usual: a radius the board can take a day. */
    private const RANGES = [
        'fretboard.radius' => [3, 8], 'fretboard.fret' => [2, 4.5], 'neck.carve' => [3, 7], 'body.sand' => [2, 5], 'finish.burst' => [1, 4],
    ];

    /** key => [tool, way] of the usual one; what is not named is done by hand. */
    private const USUAL = [
        'neck.square' => ['machine', 'on the planer'], 'neck.channel' => ['template', 'at the router table'], 'neck.outline' => ['template', 'by template'], 'neck.headstock-thickness' => ['machine', 'on the planer'],
        'neck.tuner-holes' => ['template', 'by template'], 'neck.carve' => ['hand', 'by hand'], 'fretboard.thickness' => ['machine', 'on the planer'], 'fretboard.slots' => ['template', 'by template'],
        'fretboard.taper' => ['template', 'by template'], 'fretboard.markers' => ['hand', 'by hand'], 'fretboard.radius' => ['hand', 'by block'], 'fretboard.fret' => ['machine', 'pressed'],
        'body.thickness' => ['machine', 'on the planer'], 'body.outline' => ['template', 'by template'], 'body.chambers' => ['template', 'by template'], 'body.cavities' => ['template', 'by template'],
        'body.binding' => ['template', 'at the router table'], 'body.edges' => ['template', 'with the router'], 'joint.pocket' => ['template', 'by template'], 'joint.mortise' => ['template', 'by template'],
        'joint.tenon' => ['template', 'by template'],
    ];

    /** key => list of [tool, way, set-up h, labour h, station, caution, risk] */
    private const OTHER_WAYS = [
        'neck.square' => [['hand', 'with planes', 0.1, 2.5, 'neck-bench', null, 'Slow, and quiet; winding sticks tell.']],
        'neck.channel' => [['hand', 'with plough and chisel', 0.2, 1.5, 'neck-bench', null, 'A chisel wanders off the line in figured timber.'], ['machine', 'on the machine', 0.4, 0.25, self::MACHINE, 'machines', 'A blank that is set wrong is cut wrong at once.']],
        'neck.outline' => [['hand', 'with spokeshave and files', 0.1, 2, 'neck-bench', 'dust', 'Edges are as straight as the eye.'], ['machine', 'on the machine', 0.4, 0.4, self::MACHINE, 'machines', 'Tear-out where the cutter meets rising grain.']],
        'neck.headstock-thickness' => [['hand', 'with planes', 0.1, 1.25, 'neck-bench', null, 'The face is easily out of square.']],
        'neck.tuner-holes' => [['hand', 'with a hand drill', 0.1, 0.9, 'neck-bench', null, 'Uneven holes are plugged and drilled again.'], ['machine', 'on the machine', 0.3, 0.2, self::MACHINE, 'machines', 'Holes are as right as the file.']],
        'neck.carve' => [['machine', 'on the machine, finished by hand', 0.6, 0.75, self::MACHINE, 'machines', 'A wrong thickness in the file goes through to the rod.']],
        'fretboard.thickness' => [['hand', 'with planes', 0.1, 1.25, 'fret-bench', null, 'Dense board timber tears easily.']],
        'fretboard.slots' => [['hand', 'with saw and mitre box', 0.1, 1.75, 'fret-bench', null, 'Each slot is a chance to slip.'], ['machine', 'on the machine', 0.4, 0.25, self::MACHINE, 'machines', 'Thin cutters break; the slot is then filled and cut again.']],
        'fretboard.taper' => [['hand', 'with planes', 0.1, 0.9, 'fret-bench', null, 'The edges are as straight as the shooting board.'], ['machine', 'on the machine', 0.3, 0.2, self::MACHINE, 'machines', 'Set to a wrong centre line, every slot stands askew.']],
        'fretboard.markers' => [['machine', 'on the machine', 0.4, 0.6, self::MACHINE, 'machines', 'Pockets are as deep as the file says, not as the marker is.']],
        'fretboard.radius' => [['template', 'by jig', 0.5, 1, 'router-table', 'machines', 'The jig’s dip is copied into every board.'], ['machine', 'on the machine', 0.4, 1, self::MACHINE, 'machines', 'Cutter marks still have to be sanded out.']],
        'fretboard.fret' => [['hand', 'hammered', 0.1, 3.5, 'fret-bench', null, 'Uneven blows leave uneven frets.']],
        'body.thickness' => [['hand', 'with planes', 0.1, 2, null, null, 'A wide face is hard to keep flat.']],
        'body.outline' => [['hand', 'with spokeshave and files', 0.1, 3, null, 'dust', 'No two are quite the same.'], ['machine', 'on the machine', 0.5, 0.6, self::MACHINE, 'machines', 'Tear-out at the horns where the cutter meets end grain.']],
        'body.chambers' => [['machine', 'on the machine', 0.5, 0.9, self::MACHINE, 'machines', 'A blank set the wrong way round is a mirrored body.']],
        'body.cavities' => [['hand', 'with drill and chisel', 0.1, 3, 'drill-press', 'machines', 'Walls are uneven where no cover hides them.'], ['machine', 'on the machine', 0.4, 0.6, self::MACHINE, 'machines', 'The body has to be set to its own centre line.']],
        'body.binding' => [['hand', 'with gramil and chisel', 0.1, 4, null, 'binding', 'A ledge of uneven depth shows as an uneven line.']],
        'body.edges' => [['hand', 'with rasps and files', 0, 2.75, null, 'dust', 'Roundings differ from side to side.']],
        'joint.pocket' => [['hand', 'with chisels', 0.1, 3, null, null, 'Patient work, and the closest fit.'], ['machine', 'on the machine', 0.4, 0.75, self::MACHINE, 'machines', 'It fits the drawn neck; still to be eased to its own.']],
        'joint.mortise' => [['hand', 'with chisels', 0.1, 3.5, null, null, 'Patient work, and the closest fit.']],
        'joint.tenon' => [['hand', 'with saw and chisels', 0.1, 1.5, 'neck-bench', null, 'A shoulder out of square shows at the heel.']],
    ];

    private const FINISH_WINDOWS = ['brushed-varnish' => 72, 'water-borne' => 24, 'two-part' => 24, 'nitrocellulose' => 168];

    public static function all(): HouseStandards
    {
        return HouseStandards::of(
            array_merge(...array_map(self::ways(...), array_keys(self::OPERATIONS), self::OPERATIONS)),
            [
                self::finish(FinishSystem::WipingOil, 4, 4, 2, 12, 5, 16, 5),
                self::finish(FinishSystem::HardWaxOil, 2, 2, 1, 30, 30, 30, 6),
                self::finish(FinishSystem::BrushedVarnish, 3, 3, 1, 16, 16, 16, 7),
                self::finish(FinishSystem::WaterBorne, 7, 6, 4, 2, 2, 14, 12),
                self::finish(FinishSystem::TwoPart, 3, 2, 2, 6, 6, 16, 5),
                self::finish(FinishSystem::Shellac, 8, 6, 1, 24, 24, 24, 14),
                self::finish(FinishSystem::Nitrocellulose, 10, 8, 3, 2, 2, 14, 24),
            ],
        );
    }

    /** Hours, and days to full cure; recoat windows are house conventions, the data sheet's figure takes their place. */
    private static function finish(FinishSystem $system, int $body, int $neck, int $aDay, int $first, int $between, int $overnight, int $cureDays): FinishStandard
    {
        $window = self::FINISH_WINDOWS[$system->value] ?? null;

        return new FinishStandard($system, $body, $neck, $aDay, self::h($first), self::h($between), self::h($overnight), self::h($cureDays * self::D), $window === null ? null : self::h($window));
    }

    /**
     * @param  array{string, float|int, float|int, float|int, string, string|null, string|null, bool, string|null}  $row
     * @return list<Standard>
     */
    private static function ways(string $key, array $row): array
    {
        [$name, $setUp, $labour, $hold, $skill, $station, $fixture, $oneSitting, $caution] = $row;
        [$tool, $way] = self::USUAL[$key] ?? ['hand', ''];
        [$driver, $fixed] = self::DRIVERS[$key] ?? [null, 40];
        $standard = static fn (string $tool, string $way, float|int $setUp, ThreePoint $hours, ?string $station, ?string $caution, string $risk, bool $usual): Standard => new Standard(
            $key, $name, Stage::from(explode('.', $key)[0]), self::h($setUp), $hours, self::h($hold), Skill::from($skill), $station, $fixture, self::fixtures($key), $oneSitting,
            $caution === null ? null : Caution::from($caution), $hold > 0 ? self::holdKind($key, $fixture) : null, Tool::from($tool), $way, $driver === null ? null : Driver::from($driver), $fixed, $risk, $usual,
        );
        $ways = [$standard($tool, $way, $setUp, self::hours($key, $labour), $station, $caution, '', true)];
        foreach (self::OTHER_WAYS[$key] ?? [] as [$other, $words, $otherSetUp, $otherLabour, $otherStation, $otherCaution, $risk]) {
            $ways[] = $standard($other, $words, $otherSetUp, ThreePoint::around(self::h($otherLabour)), $otherStation, $otherCaution, $risk, false);
        }

        return $ways;
    }

    private static function hours(string $key, float|int $labour): ThreePoint
    {
        [$best, $worst] = self::RANGES[$key] ?? [null, null];

        return $best === null || $worst === null ? ThreePoint::around(self::h($labour)) : new ThreePoint(self::h($best), self::h($labour), self::h($worst));
    }

    /** A glued top and a pair of wings take most of the body clamps. */
    private static function fixtures(string $key): int
    {
        return in_array($key, ['body.glue-layers', 'joint.wings'], true) ? 2 : 1;
    }

    private static function holdKind(string $key, ?string $fixture): HoldKind
    {
        return match (true) {
            str_starts_with($key, 'finish.'), in_array($key, ['electronics.shield', 'fretboard.oil'], true) => HoldKind::Finish,
            $fixture === 'settling-rack' => HoldKind::Tension,
            in_array($key, ['parts.timber', 'neck.rough-rest'], true) => HoldKind::Rest,
            default => HoldKind::Glue,
        };
    }

    private static function h(float|int $hours): Duration
    {
        return Duration::ofHours((float) $hours);
    }
}
