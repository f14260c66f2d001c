<?php

declare(strict_types=1);

namespace App\Pages\Route;

final readonly class RouteOperation extends PlaceInRoute
{
    /**
     * @param  list<RouteWay>  $ways
     * @param  list<string>  $cautions
     * @param  list<GateTarget>  $gate
     * @param  list<RouteLink>  $after
     */
    public function __construct(
        PlaceInRoute $place,
        public string $key,
        public string $name,
        public string $stage,
        public string $why,
        public string $rule,
        public string $standard,
        public bool $own,
        public bool $useless,
        public int $setUp,
        public int $best,
        public int $labour,
        public int $worst,
        public string $drivenBy,
        public int $hold,
        public int $holdNow,
        public ?string $holdWords,
        public string $way,
        public string $risk,
        public array $ways,
        public string $tool,
        public string $skill,
        public ?string $station,
        public ?string $fixture,
        public bool $oneSitting,
        public int $hands,
        public int $alone,
        public array $cautions,
        public array $gate,
        public ?string $gateShort,
        public array $after,
    ) {
        parent::__construct(...get_object_vars($place));
    }
}
