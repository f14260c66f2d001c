<?php

declare(strict_types=1);

namespace Regimen\Schedule\Policy;

use Regimen\Schedule\Problem\Problem;

/** The shop as it would be with one thing otherwise. */
final readonly class Variation
{
    /**
     * @param  string|null  $resource  key of a station or fixture of which there is one more
     * @param  int|null  $worker  who learns or works longer
     * @param  string|null  $skill  what is learned
     * @param  string|null  $cause  what comes earlier, in its own words
     * @param  string|null  $build  whose promise is given for a later day
     * @param  string|null  $day  the last day of working longer, or the new promise
     */
    private function __construct(
        public HelpKind $kind,
        public Problem $problem,
        public ?string $resource = null,
        public ?int $worker = null,
        public ?string $skill = null,
        public ?string $cause = null,
        public int|string|null $build = null,
        public ?string $day = null,
    ) {
    }

    public static function oneMore(Problem $problem, string $resource): self
    {
        return new self(HelpKind::Station, $problem, resource: $resource);
    }

    public static function learned(Problem $problem, int $worker, string $skill): self
    {
        return new self(HelpKind::Skill, $problem, worker: $worker, skill: $skill);
    }

    public static function longer(Problem $problem, int $worker, string $until): self
    {
        return new self(HelpKind::Overtime, $problem, worker: $worker, day: $until);
    }

    public static function earlier(Problem $problem, string $cause): self
    {
        return new self(HelpKind::Earlier, $problem, cause: $cause);
    }

    public static function later(Problem $problem, int|string $build, string $day): self
    {
        return new self(HelpKind::Promise, $problem, build: $build, day: $day);
    }
}
