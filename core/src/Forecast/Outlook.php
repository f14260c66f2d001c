<?php

declare(strict_types=1);

namespace Regimen\Forecast;

use Regimen\Schedule\Plan\Slack;
use Regimen\Schedule\Time\WorkingHours;

/** A planned finish held against a promise. */
final readonly class Outlook
{
    private function __construct(public Verdict $verdict, public ?int $slackDays)
    {
    }

    /**
     * @param  string|null  $finish  YYYY-MM-DD; null if it cannot be planned
     * @param  string|null  $promise  YYYY-MM-DD; null if none was given
     * @param  int  $riskDays  with so many working days of slack or fewer a promise is at risk
     * @param  bool  $whole  whether all of the work is planned; if not, only that it is late can be known
     */
    public static function judge(
        ?string $finish,
        ?string $promise,
        WorkingHours $hours,
        int $riskDays,
        bool $whole = true,
    ): self {
        if (! $whole && ($finish === null || $promise === null || $finish <= $promise)) {
            return new self(Verdict::Incomplete, null);
        }
        if ($promise === null) {
            return new self($finish === null ? Verdict::Unplanned : Verdict::NoPromise, null);
        }
        if ($finish === null) {
            return new self(Verdict::Unplanned, null);
        }
        $slack = Slack::inDays($finish, $promise, $hours);

        return new self(match (true) {
            $finish > $promise => Verdict::Late,
            $slack <= $riskDays => Verdict::Risk,
            default => Verdict::Kept,
        }, $slack);
    }

    public function inDanger(): bool
    {
        return $this->verdict === Verdict::Late || $this->verdict === Verdict::Risk
            || $this->verdict === Verdict::Unplanned;
    }
}
