<?php

declare(strict_types=1);

namespace Regimen\Findings;

/** What a check says about a specification: how bad, the figures, the reason, the source and what would fix it. */
final readonly class Finding
{
    public const COMMON_PRACTICE = 'common practice';

    /**
     * @param  string  $key  the same for the same matter from one revision to the next
     * @param  list<string>  $fields  that it is about
     * @param  list<Fix>  $fixes
     * @param  string  $unfixed  why none of what would usually fix it is offered; empty where something is
     */
    private function __construct(
        public string $key,
        public Severity $severity,
        public string $title,
        public string $figures = '',
        public string $because = '',
        public array $fields = [],
        public string $source = self::COMMON_PRACTICE,
        public array $fixes = [],
        public string $unfixed = '',
    ) {
    }

    public static function stop(string $key, string $title): self
    {
        return new self($key, Severity::Stop, $title);
    }

    public static function warn(string $key, string $title): self
    {
        return new self($key, Severity::Warn, $title);
    }

    public static function note(string $key, string $title): self
    {
        return new self($key, Severity::Note, $title);
    }

    /** A stop where a condition holds, a warning otherwise. */
    public static function when(bool $stop, string $key, string $title): self
    {
        return $stop ? self::stop($key, $title) : self::warn($key, $title);
    }

    /** The figures it rests on. */
    public function says(string $figures): self
    {
        return $this->with(['figures' => $figures]);
    }

    /** What happens otherwise. */
    public function because(string $because): self
    {
        return $this->with(['because' => $because]);
    }

    /** The fields that it is about. */
    public function at(string ...$fields): self
    {
        return $this->with(['fields' => array_values($fields)]);
    }

    public function from(string $source): self
    {
        return $this->with(['source' => $source]);
    }

    /** @param  array<string, string>|null  $changes  null when this fix is not possible here */
    public function fix(?string $words, ?array $changes): self
    {
        return $words === null ? $this : $this->fixBy([[$words, $changes]]);
    }

    /**
     * The first of several that does.
     *
     * @param  iterable<array{string, array<string, string>|null}>  $ways  words and changes; null or none for what is
     *   not possible here
     */
    public function fixBy(iterable $ways): self
    {
        $fixes = [];
        foreach ($ways as [$words, $changes]) {
            if ($changes !== null && $changes !== []) {
                $fixes[] = new Fix($words, $changes);
            }
        }

        return $fixes === [] ? $this : $this->withFixes(
            [...$this->fixes, new Fix($fixes[0]->words, $fixes[0]->changes, array_slice($fixes, 1))],
        );
    }

    /** @param  list<Fix>  $fixes */
    public function withFixes(array $fixes, string $unfixed = ''): self
    {
        return $this->with(['fixes' => $fixes, 'unfixed' => $unfixed]);
    }

    /** @param  array<string, mixed>  $changes  by property */
    private function with(array $changes): self
    {
        return new self(...[...get_object_vars($this), ...$changes]);
    }
}
