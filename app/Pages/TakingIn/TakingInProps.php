<?php

declare(strict_types=1);

namespace App\Pages\TakingIn;

use App\Pages\Page;
use App\Pages\Sheet\PersonName;

final readonly class TakingInProps extends Page
{
    public const COMPONENT = 'taking-in/TakingIn';

    /**
     * @param  list<StageTakenIn>  $stages
     * @param  list<PartTakenIn>  $kit
     * @param  list<PersonName>  $people
     */
    public function __construct(
        public int $number,
        public string $name,
        public int $version,
        public array $stages,
        public array $kit,
        public array $people,
        public int $worker,
        public string $today,
    ) {
    }
}
