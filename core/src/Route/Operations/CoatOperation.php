<?php

declare(strict_types=1);

namespace Regimen\Route\Operations;

use Regimen\Drawing\Bench\BenchView;
use Regimen\Instrument\Finish\FinishSystem;
use Regimen\Parts\PartGroup;
use Regimen\Route\Air\HoldKind;
use Regimen\Route\Entry\Entry;
use Regimen\Route\Entry\Hold;
use Regimen\Route\Entry\TradeOperation;
use Regimen\Route\Entry\Way;
use Regimen\Route\Standards\Caution;
use Regimen\Route\Standards\FinishStandard;
use Regimen\Route\Standards\Fixture;
use Regimen\Route\Standards\Skill;
use Regimen\Route\Standards\Stage;
use Regimen\Route\Standards\Station;
use Regimen\Route\Standards\UnknownStandard;
use Regimen\Units\Duration;

/**
 * One coat of each finish system, and how the trade applies the system. Figures are common practice; recoat windows are
 * house conventions, for which the figure of the data sheet is put.
 */
enum CoatOperation: string implements TradeOperation
{
    case WipingOil = 'finish.coat-wiping-oil';
    case HardWaxOil = 'finish.coat-hard-wax-oil';
    case BrushedVarnish = 'finish.coat-brushed-varnish';
    case WaterBorne = 'finish.coat-water-borne';
    case TwoPart = 'finish.coat-two-part';
    case Shellac = 'finish.coat-shellac';
    case Nitrocellulose = 'finish.coat-nitrocellulose';

    public static function of(FinishSystem $system): self
    {
        foreach (self::cases() as $coat) {
            if ($coat->system() === $system) {
                return $coat;
            }
        }
        throw UnknownStandard::finish($system->value);
    }

    public function system(): FinishSystem
    {
        return match ($this) {
            self::Nitrocellulose => FinishSystem::Nitrocellulose,
            self::WipingOil => FinishSystem::WipingOil,
            self::HardWaxOil => FinishSystem::HardWaxOil,
            self::BrushedVarnish => FinishSystem::BrushedVarnish,
            self::WaterBorne => FinishSystem::WaterBorne,
            self::TwoPart => FinishSystem::TwoPart,
            self::Shellac => FinishSystem::Shellac,
        };
    }

    public function stage(): Stage
    {
        return Stage::Finish;
    }

    public function view(): BenchView
    {
        return BenchView::Whole;
    }

    public function entry(): Entry
    {
        return match ($this) {
            self::Nitrocellulose => self::sprayed('clear coat', 0.4, 2, Caution::Solvents),
            self::WaterBorne => self::sprayed('clear coat', 0.35, 2, Caution::Solvents),
            self::TwoPart => self::sprayed('clear coat, two-part', 0.5, 6, Caution::Isocyanates),
            self::WipingOil => self::wiped('coat of oil', 0.4, 5, Caution::OilyRags),
            self::HardWaxOil => self::wiped('coat of hard-wax oil', 0.4, 30, Caution::OilyRags),
            self::BrushedVarnish => self::wiped('coat of varnish, brushed', 0.5, 16, Caution::Solvents),
            self::Shellac => self::padded('session of French polish', 0.5, 24),
        };
    }

    /**
     * Coats on body and neck, how many a day, holds between and after in hours, days to full cure, the window in hours.
     */
    public function usual(): FinishStandard
    {
        return match ($this) {
            self::WipingOil => $this->standard(4, 4, 2, 12, 5, 16, 5),
            self::HardWaxOil => $this->standard(2, 2, 1, 30, 30, 30, 6),
            self::BrushedVarnish => $this->standard(3, 3, 1, 16, 16, 16, 7, window: 72),
            self::WaterBorne => $this->standard(7, 6, 4, 2, 2, 14, 12, window: 24),
            self::TwoPart => $this->standard(3, 2, 2, 6, 6, 16, 5, window: 24),
            self::Shellac => $this->standard(8, 6, 1, 24, 24, 24, 14),
            self::Nitrocellulose => $this->standard(10, 8, 3, 2, 2, 14, 24, window: 168),
        };
    }

    /**
     * @return array{string, int, int} name of the share an instrument takes; whole currency units, invented; days to
     *   come
     */
    public function supplies(): array
    {
        return match ($this) {
            self::WipingOil => ['wiping oil, cloths, pads', 22, 4],
            self::HardWaxOil => ['hard-wax oil, cloths', 24, 4],
            self::BrushedVarnish => ['varnish, brushes, thinner', 38, 4],
            self::WaterBorne => ['water-borne lacquer, sealer, colour', 62, 5],
            self::TwoPart => ['two-part lacquer, hardener, thinner', 88, 6],
            self::Shellac => ['shellac, spirit, oil, wadding', 34, 4],
            self::Nitrocellulose => ['lacquer, sealer, thinner, colour', 74, 6],
        };
    }

    private function standard(
        int $body, int $neck, int $aDay, int $first, int $between, int $overnight, int $cureDays,
        ?int $window = null,
    ): FinishStandard {
        $h = static fn (int $hours): Duration => Duration::ofHours($hours);
        $least = $window === null ? null : $h($window);

        return new FinishStandard(
            $this->system(), $body, $neck, $aDay, $h($first), $h($between), $h($overnight), $h($cureDays * 24), $least,
        );
    }

    private static function sprayed(string $name, float $labour, float $hold, Caution $caution): Entry
    {
        return self::coat($name, Way::byHand(0, $labour, Station::SprayBooth, $caution), $hold);
    }

    private static function wiped(string $name, float $labour, float $hold, Caution $caution): Entry
    {
        return self::coat($name, Way::byHand(0, $labour, caution: $caution), $hold);
    }

    private static function padded(string $name, float $labour, float $hold): Entry
    {
        $way = Way::byHand(0, $labour, caution: Caution::Solvents);

        return new Entry($name, Skill::Finish, [$way], Hold::of($hold, HoldKind::Finish), needs: [PartGroup::Finish]);
    }

    private static function coat(string $name, Way $way, float $hold): Entry
    {
        $rail = Hold::of($hold, HoldKind::Finish, Fixture::HangingRail);

        return new Entry($name, Skill::Finish, [$way], $rail, oneSitting: true, needs: [PartGroup::Finish]);
    }
}
