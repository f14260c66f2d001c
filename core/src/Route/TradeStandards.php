<?php

declare(strict_types=1);

namespace Regimen\Route;

use Regimen\Instrument\FinishSystem;
use Regimen\Units\Duration;

/**
 * What a new shop starts from: the default operations for one instrument made by hand with templates.
 * All figures are common practice without a single source; every one is a default that the shop can change.
 */
final class TradeStandards
{
    private const D = 24;

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
        'neck.recheck' => ['check the rested shaft, flatten again', 0, 0.5, 0, 'necks', 'saw-and-planer', null, false, 'machines'],
        'neck.headstock' => ['headstock angle, scarf and veneer', 0.3, 1.25, 12, 'necks', 'neck-bench', 'headstock-clamps', true, 'adhesives'],
        'neck.rough' => ['rough the shaft', 0.2, 0.75, 0, 'necks', 'saw-and-planer', null, false, 'machines'],
        'neck.outline' => ['neck outline by template', 0.4, 1, 0, 'necks', 'router-table', null, false, 'machines'],
        'neck.headstock-thickness' => ['headstock to thickness', 0.3, 0.5, 0, 'necks', 'saw-and-planer', null, false, 'machines'],
        'neck.tuner-holes' => ['tuner holes', 0.2, 0.5, 0, 'necks', 'drill-press', null, false, 'machines'],
        'neck.carve' => ['carve the neck', 0.2, 4, 0, 'necks', 'neck-bench', null, false, 'dust'],
        'neck.sand' => ['sand the neck to 220–400', 0, 1.5, 0, 'necks', null, null, false, 'dust'],
        'fretboard.thickness' => ['fretboard to thickness', 0.3, 0.5, 0, 'frets', 'saw-and-planer', null, false, 'machines'],
        'fretboard.slots' => ['fret slots', 0.3, 0.75, 0, 'frets', 'saw-and-planer', null, false, 'machines'],
        'fretboard.taper' => ['taper and end of the board', 0.2, 0.5, 0, 'frets', 'router-table', null, false, 'machines'],
        'fretboard.markers' => ['face markers', 0.2, 1.25, 12, 'frets', 'fret-bench', null, true, 'adhesives'],
        'fretboard.binding' => ['bind the fretboard', 0.2, 1.5, 12, 'frets', 'fret-bench', null, true, 'binding'],
        'fretboard.glue' => ['glue the fretboard to the neck', 0.2, 0.75, 24, 'frets', 'neck-bench', 'flat-beam', true, 'adhesives'],
        'fretboard.side-markers' => ['side markers', 0.2, 0.75, 0, 'frets', 'fret-bench', null, false, 'adhesives'],
        'fretboard.radius' => ['radius by block', 0.3, 4, 0, 'frets', 'fret-bench', null, false, 'dust'],
        'fretboard.sand' => ['sand the board fine', 0, 0.75, 0, 'frets', null, null, false, 'dust'],
        'fretboard.fret' => ['fret, trim and bevel the ends', 0.3, 2.5, 0, 'frets', 'fret-bench', null, false, null],
        'body.joint' => ['joint and glue the body halves', 0.3, 1, 24, 'bodies', 'saw-and-planer', 'body-clamps', true, 'machines'],
        'body.thickness' => ['body blank to thickness', 0.3, 0.75, 0, 'bodies', 'saw-and-planer', null, false, 'machines'],
        'body.layers' => ['resaw, bookmatch and glue the upper layers', 0.4, 1.25, 12, 'bodies', 'saw-and-planer', 'body-clamps', true, 'machines'],
        'body.chambers' => ['rout the chambers', 0.3, 2, 0, 'bodies', 'router-table', null, false, 'machines'],
        'body.glue-layers' => ['glue the layers on', 0.2, 0.75, 24, 'bodies', null, 'body-clamps', true, 'adhesives'],
        'body.outline' => ['body outline: saw, then template', 0.4, 1.5, 0, 'bodies', 'router-table', null, false, 'machines'],
        'body.cavities' => ['pickup and control cavities', 0.4, 1.5, 0, 'bodies', 'router-table', null, false, 'machines'],
        'body.wiring' => ['wiring channels and jack', 0.2, 0.75, 0, 'bodies', 'drill-press', null, false, 'machines'],
        'body.binding' => ['bind the body: ledge, dry fit, bond', 0.3, 2.5, 18, 'bodies', 'router-table', null, true, 'binding'],
        'body.edges' => ['edges, belly, forearm', 0.2, 1.5, 0, 'bodies', null, null, false, 'dust'],
        'body.sand' => ['sand the body 80 to 220', 0, 3, 0, 'bodies', null, null, false, 'dust'],
        'joint.pocket' => ['neck pocket, fitted to its own neck', 0.3, 1.5, 0, 'joints', 'router-table', null, false, 'machines'],
        'joint.bridge' => ['bridge position and holes', 0.2, 0.75, 0, 'joints', 'drill-press', null, false, 'machines'],
        'joint.screws' => ['drill and fit the neck screws', 0.2, 0.75, 0, 'joints', 'drill-press', null, false, 'machines'],
        'joint.dry-fit' => ['dry-fit all hardware, two outer strings', 0, 1.5, 0, 'joints', null, null, false, 'tension'],
        'joint.glue-neck' => ['glue the neck in, blend the heel', 0.2, 1.5, 24, 'joints', null, 'joint-clamp', true, 'adhesives'],
        'finish.fill' => ['grain fill', 0, 1, 24, 'finish', null, 'hanging-rail', true, 'solvents'],
        'finish.colour' => ['colour', 0, 1.5, 12, 'finish', 'spray-booth', 'hanging-rail', true, 'solvents'],
        'finish.stain' => ['stain', 0, 0.5, 12, 'finish', null, 'hanging-rail', true, 'solvents'],
        'finish.mask' => ['mask the board', 0, 0.5, 0, 'finish', null, null, false, null],
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
        'set-up.string' => ['string: relief, action, intonation, pickups', 0, 1.5, 48, 'set-up', 'set-up-bench', 'settling-rack', false, 'tension'],
        'delivery.inspect' => ['second set-up, inspection, photographs, weight', 0, 1.25, 0, 'set-up', 'set-up-bench', null, false, 'tension'],
        'delivery.pack' => ['pack or hand over', 0, 0.5, 0, 'set-up', null, null, false, null],
    ];

    public static function all(): HouseStandards
    {
        return HouseStandards::of(
            array_map(self::standard(...), array_keys(self::OPERATIONS), self::OPERATIONS),
            [
                new FinishStandard(FinishSystem::WipingOil, 4, 4, 2, self::h(12), self::h(5), self::h(16), self::h(5 * self::D)),
                new FinishStandard(FinishSystem::HardWaxOil, 2, 2, 1, self::h(30), self::h(30), self::h(30), self::h(6 * self::D)),
                new FinishStandard(FinishSystem::BrushedVarnish, 3, 3, 1, self::h(16), self::h(16), self::h(16), self::h(7 * self::D)),
                new FinishStandard(FinishSystem::WaterBorne, 7, 6, 4, self::h(2), self::h(2), self::h(14), self::h(12 * self::D)),
                new FinishStandard(FinishSystem::TwoPart, 3, 2, 2, self::h(6), self::h(6), self::h(16), self::h(5 * self::D)),
                new FinishStandard(FinishSystem::Shellac, 8, 6, 1, self::h(24), self::h(24), self::h(24), self::h(14 * self::D)),
                new FinishStandard(FinishSystem::Nitrocellulose, 10, 8, 3, self::h(2), self::h(2), self::h(14), self::h(24 * self::D)),
            ],
        );
    }

    /** @param  array{string, float|int, float|int, float|int, string, string|null, string|null, bool, string|null}  $row */
    private static function standard(string $key, array $row): Standard
    {
        [$name, $setUp, $labour, $hold, $skill, $station, $fixture, $oneSitting, $caution] = $row;

        return new Standard(
            $key,
            $name,
            self::stageOf($key),
            self::h($setUp),
            self::h($labour),
            self::h($hold),
            Skill::from($skill),
            $station,
            $fixture,
            oneSitting: $oneSitting,
            caution: $caution === null ? null : Caution::from($caution),
        );
    }

    private static function stageOf(string $key): Stage
    {
        return Stage::from(explode('.', $key)[0]);
    }

    private static function h(float|int $hours): Duration
    {
        return Duration::ofHours((float) $hours);
    }
}
