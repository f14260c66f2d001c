<?php

declare(strict_types=1);

namespace App\Pages\Bench;

use App\Pages\Page;

final readonly class BenchProps extends Page
{
    public const COMPONENT = 'bench/Bench';

    /**
     * @param  list<BenchNext>  $next
     * @param  list<DayChange>  $changed  since it was last looked at
     * @param  list<AwayOption>  $reasons
     * @param  ?string  $away  why somebody is away from the bench, and since when
     * @param  bool  $shared  whether this is a tablet that several people share
     * @param  string  $fits  the time for which something was looked for, as it was typed
     * @param  list<BenchNext>  $fitting  what fits into it
     */
    public function __construct(
        public int $id,
        public string $person,
        public ?UnderHand $now,
        public array $next,
        public ?MissingDay $missing,
        public bool $gentle,
        public array $changed,
        public array $reasons,
        public ?string $away,
        public bool $shared,
        public string $fits,
        public array $fitting,
    ) {
    }
}
