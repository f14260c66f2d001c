<?php

declare(strict_types=1);

namespace Regimen\Route;

use Regimen\Units\Duration;

/** One operation after another, and why. */
final readonly class Link
{
    /**
     * @param  string  $spoils  what is spoiled for good if the order is broken; empty where it only costs quality or
     *   time
     * @param  string  $rule  the rule that asks for it
     * @param  Duration|null  $window  the later one begins at most so long after the labour of the earlier, if there is
     *   such a limit
     */
    public function __construct(
        public string $before,
        public string $after,
        public string $reason,
        public string $spoils = '',
        public string $rule = '',
        public ?Duration $window = null,
    ) {
    }

    /**
     * What two rules ask of the same pair: the reason of the first, or of the first that says what is spoiled, and the
     * shorter window.
     */
    public function joined(self $other): self
    {
        $words = $this->spoils === '' && $other->spoils !== '' ? $other : $this;
        $windows = array_filter([$this->window, $other->window]);
        usort($windows, static fn (Duration $a, Duration $b): int => $a->minutes <=> $b->minutes);

        return new self($this->before, $this->after, $words->reason, $words->spoils, $words->rule, $windows[0] ?? null);
    }
}
