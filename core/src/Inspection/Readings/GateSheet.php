<?php

declare(strict_types=1);

namespace Regimen\Inspection\Readings;

use Regimen\Inspection\Target;

/** All lines of a gate with what was read, and which of them somebody has let pass. */
final readonly class GateSheet
{
    /**
     * @param  list<LineState>  $lines
     * @param  list<string>  $decided  keys of lines that were decided on as they are
     */
    private function __construct(public array $lines, private array $decided)
    {
    }

    /**
     * @param  list<Target>  $targets
     * @param  array<string, array<string, list<float>>>  $readings  by line and place
     * @param  list<string>  $decided
     */
    public static function of(array $targets, array $readings, array $decided = []): self
    {
        return new self(array_map(
            static fn (Target $target): LineState => LineState::of($target, $readings[$target->key()] ?? []), $targets,
        ), $decided);
    }

    public function line(string $key): ?LineState
    {
        foreach ($this->lines as $line) {
            if ($line->target->key() === $key) {
                return $line;
            }
        }

        return null;
    }

    public function isDecided(LineState $line): bool
    {
        return in_array($line->target->key(), $this->decided, true);
    }

    /** @return list<LineState> where something is still to be read */
    public function unread(): array
    {
        return $this->left(static fn (LineState $line): bool => ! $line->isComplete);
    }

    /** @return list<LineState> outside of their tolerance, with nothing decided */
    public function outside(): array
    {
        return $this->left(static fn (LineState $line): bool => $line->verdict === ReadingVerdict::Outside);
    }

    public function canBeClosed(): bool
    {
        return $this->unread() === [] && $this->outside() === [];
    }

    /** How many readings it asks for at the least. */
    public function places(): int
    {
        return array_sum(array_map(static fn (LineState $line): int => count($line->places), $this->lines));
    }

    /**
     * @param  \Closure(LineState): bool  $which
     * @return list<LineState>
     */
    private function left(\Closure $which): array
    {
        return array_values(array_filter($this->lines, fn (LineState $line): bool => ! $this->isDecided($line) && $which($line)));
    }
}
