<?php

declare(strict_types=1);

namespace Regimen\Instrument\Body;

use Regimen\Units\Length;

/** The bridge, its travel and where the strings end. */
final readonly class Bridgework
{
    /**
     * @param  float  $bridgeMass  g
     */
    public function __construct(
        public BridgeKind $bridge,
        public Length $bridgeLeast,
        public Length $bridgeMost,
        public Length $bridgeRecess,
        public Length $saddleFront,
        public Length $saddleTravel,
        public StringPath $stringPath,
        public Length $tailDistance,
        public Length $mountingSpan,
        public Length $mountingOffset,
        public float $bridgeMass,
    ) {
    }
}
