<?php

declare(strict_types=1);

namespace Regimen\Route\Entry;

use Regimen\Instrument\Specification;
use Regimen\Parts\PartGroup;
use Regimen\Route\Standards\Caution;
use Regimen\Route\Standards\Skill;

/** All that the trade knows of one operation: what a new shop starts from, and what no shop changes. */
final readonly class Entry
{
    /**
     * @param  non-empty-list<Way>  $ways  the usual one first
     * @param  Hands|null  $hands  where a second person helps
     * @param  bool  $oneSitting  whether it is not to be left half done
     * @param  list<Caution>  $cautions  beside those of the way
     * @param  (\Closure(Specification): list<float|int|string>)|null  $setTo  what its tool is set to: the same for
     *                                                                         instruments that can share a set-up
     * @param  Gate|null  $gateOfOne  where it is done part by part
     * @param  list<PartGroup>  $needs  what must have arrived
     * @param  list<PartGroup>  $cutFor  parts whose measures it takes
     * @param  list<PartGroup>  $cutInto  timber that it is the first to cut
     * @param  list<PartGroup>  $orders  what is ordered by it
     * @param  list<PartGroup>  $usesUp  what is in the instrument, or gone, when it is done
     * @param  Place|null  $place  when it is on the route and after what, unless rules say so
     */
    public function __construct(
        public string $name,
        public Skill $skill,
        public array $ways,
        public ?Hold $hold = null,
        public bool $oneSitting = false,
        public ?Growth $growth = null,
        public array $cautions = [],
        public ?\Closure $setTo = null,
        public ?Gate $gate = null,
        public ?Gate $gateOfOne = null,
        public array $needs = [],
        public array $cutFor = [],
        public array $cutInto = [],
        public array $orders = [],
        public array $usesUp = [],
        public ?Place $place = null,
        public ?Hands $hands = null,
    ) {
    }
}
