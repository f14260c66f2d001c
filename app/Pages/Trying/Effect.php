<?php

declare(strict_types=1);

namespace App\Pages\Trying;

/** What changes would do, beside the plan that is in force. */
final readonly class Effect
{
    /**
     * @param  list<string>  $words
     * @param  list<EffectOnBuild>  $builds
     * @param  list<EffectOnPerson>  $people
     * @param  list<string>  $troubles
     * @param  list<string>  $money  payments that would be asked for on another day
     */
    public function __construct(
        public array $words,
        public string $headline,
        public array $builds,
        public array $people,
        public array $troubles,
        public array $money = [],
    ) {
    }
}
