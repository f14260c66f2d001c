<?php

declare(strict_types=1);

namespace Regimen\Forecast;

use Regimen\Schedule\Slack;
use Regimen\Schedule\WorkingHours;

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
     */
    public static function of(?string $finish, ?string $promise, WorkingHours $hours, int $riskDays): self
    {
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
        return $this->verdict === Verdict::Late || $this->verdict === Verdict::Risk || $this->verdict === Verdict::Unplanned;
    }
}
