<?php

declare(strict_types=1);

namespace Regimen\Tests;

use PHPUnit\Framework\TestCase;
use Regimen\Costing\Kit;
use Regimen\Costing\StarterPrices;
use Regimen\Instrument\Body\BodyConstruction;
use Regimen\Instrument\Finish\FinishSystem;
use Regimen\Instrument\Neck\NeckJoint;
use Regimen\Instrument\Specification;
use Regimen\Route\Operation;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\TradeStandards;
use Regimen\Route\Rules\RoutePlanner;
use Regimen\Schedule\Time\Calendar;
use Regimen\Schedule\Time\WorkingHours;
use Regimen\Timber\Species;
use Regimen\Units\Duration;
use Regimen\Units\InvalidQuantity;
use Regimen\Units\Length;
use Regimen\Units\Money;

/** What has to hold whatever is thrown at it; draws are seeded. */
final class PropertyTest extends TestCase
{
    public function test_whatever_is_typed_is_read_or_refused_with_a_sentence(): void
    {
        mt_srand(41);
        $alphabet = [
            '0', '1', '3', '7', '9', ' ', '.', ',', '/', '-', '"', "'", 'm', 'i', 'n', 'f', 't', 'h', 'd', '½', '″',
            'e', '+', 'x', "\0", '€', ':',
        ];
        $read = $refused = 0;
        for ($round = 0; $round < 6000; $round++) {
            $typed = '';
            for ($length = mt_rand(0, 9); $length > 0; $length--) {
                $typed .= $alphabet[mt_rand(0, count($alphabet) - 1)];
            }
            foreach ([
                Length::parse(...), Duration::parse(...), static fn (string $text): Money => Money::parse($text, 'EUR'),
            ] as $parse) {
                try {
                    $quantity = $parse($typed);
                    $value = $quantity instanceof Length
                        ? $quantity->mm
                        : ($quantity instanceof Duration ? $quantity->minutes : $quantity->minor);
                    self::assertTrue(is_finite((float) $value) && $value >= 0, $typed);
                    $read++;
                } catch (InvalidQuantity $sentence) {
                    self::assertStringEndsWith('.', $sentence->getMessage());
                    $refused++;
                }
            }
        }
        self::assertGreaterThan(200, $read);
        self::assertGreaterThan(2000, $refused);
    }

    public function test_every_specification_that_can_be_built_has_a_route_in_order_and_a_kit(): void
    {
        mt_srand(43);
        $timbers = Species::names();
        $any = static fn (array $list): mixed => $list[mt_rand(0, count($list) - 1)];
        $built = 0;
        for ($round = 0; $round < 400; $round++) {
            $layers = array_map(
                static fn () => Specifications::layer($any($timbers), mt_rand(10, 200) / 10),
                range(1, mt_rand(1, 4)),
            );
            $specification = Specifications::read([
                'strings' => mt_rand(6, 8), 'frets' => mt_rand(20, 24),
                'scale' => Length::ofMillimetres(mt_rand(6000, 7000) / 10),
                'nutWidth' => Length::ofMillimetres(mt_rand(420, 500) / 10),
                'joint' => $any(NeckJoint::cases()),
                'body' => $any([BodyConstruction::Solid, BodyConstruction::Chambered, BodyConstruction::SemiHollow]),
                'finish' => $any(FinishSystem::cases()), 'colour' => $any(['', 'black']),
                'neckTimber' => Species::named($any($timbers)), 'boardTimber' => Species::named($any($timbers)),
                'layers' => $layers, 'pickups' => mt_rand(0, 4),
            ])->specification;
            if ($specification === null) {
                continue;
            }
            $built++;
            $this->assertBuildable($specification);
        }
    }

    private function assertBuildable(Specification $specification): void
    {
        $route = RoutePlanner::withAllRules()->plan($specification, TradeStandards::all());
        $position = array_flip(
            array_map(static fn (Operation $operation): string => $operation->key, $route->operations),
        );
        foreach ($route->links as $link) {
            self::assertLessThan($position[$link->after], $position[$link->before]);
        }
        // Rules of order 2 to 6, whatever the instrument.
        if ($specification->boardIsLacquered()) {
            self::assertGreaterThan(
                $position[FinishOperation::PolishNeck->value] ?? $position[FinishOperation::Polish->value],
                $position[FretboardOperation::Fret->value],
            );
        } else {
            self::assertLessThan($position[FinishOperation::Mask->value], $position[FretboardOperation::Fret->value]);
        }
        if ($specification->joinery->joint === NeckJoint::Set && $specification->isColoured()) {
            self::assertLessThan(
                $position[JointOperation::GlueNeck->value],
                $position[FinishOperation::Colour->value] ?? $position[FinishOperation::Stain->value],
            );
        }
        if ($specification->isHollow() && $specification->isLayered()) {
            self::assertLessThan(
                $position[BodyOperation::GlueLayers->value], $position[BodyOperation::Chambers->value],
            );
        }
        self::assertLessThan(
            $position['finish.body.coat-1'] ?? $position['finish.coat-1'], $position[JointOperation::DryFit->value],
        );
        self::assertLessThan(
            $position[JointOperation::Bridge->value],
            $position[JointOperation::Pocket->value] ?? $position[JointOperation::Wings->value],
        );
        self::assertLessThan(
            $position[BodyOperation::Cavities->value] ?? INF, $position[JointOperation::Bridge->value],
        );
        $cost = Kit::for($specification, StarterPrices::in('EUR'))->cost();
        self::assertGreaterThan(20_000, $cost->minor);
        self::assertLessThan(300_000, $cost->minor);
    }

    public function test_a_calendar_agrees_with_counting_minutes(): void
    {
        mt_srand(47);
        $zones = ['Europe/Berlin', 'America/New_York', 'Australia/Lord_Howe', 'Asia/Kathmandu'];
        for ($round = 0; $round < 24; $round++) {
            $zone = new \DateTimeZone($zones[$round % 4]);
            $week = [];
            foreach (range(1, 7) as $day) {
                $from = 60 * mt_rand(0, 10);
                $week[$day] = mt_rand(0, 3) === 0 ? [] : [
                    [$from, $from + 5 * mt_rand(6, 60)], [$from + 330, $from + 330 + 5 * mt_rand(2, 80)],
                ];
            }
            $week[1] = [[480, 720]];
            // Days around clock changes of the zones above.
            $start = intdiv(
                (
                    new \DateTimeImmutable(['2026-03-27', '2026-03-06', '2026-04-03', '2026-10-24'][$round % 4], $zone)
                )->getTimestamp(),
                60,
            );
            $calendar = Calendar::from(WorkingHours::of($week, [], $zone), $start);
            $counted = 0;
            $first = $calendar->worked($start);
            for ($minute = $start; $minute < $start + 5 * 1440; $minute++) {
                self::assertSame($counted, $calendar->worked($minute) - $first, "{$zone->getName()}, minute {$minute}");
                $counted += $this->isWorked($minute, $week, $zone) ? 1 : 0;
            }
        }
    }

    /** @param  array<int, list<array{int, int}>>  $week */
    private function isWorked(int $instant, array $week, \DateTimeZone $zone): bool
    {
        $local = (new \DateTimeImmutable('@'.$instant * 60))->setTimezone($zone);
        $minute = 60 * (int) $local->format('G') + (int) $local->format('i');
        foreach ($week[(int) $local->format('N')] as [$from, $to]) {
            if ($minute >= $from && $minute < $to) {
                return true;
            }
        }

        return false;
    }
}
