<?php

declare(strict_types=1);

namespace Regimen\Route\Rules;

use Regimen\Instrument\Specification;
use Regimen\Route\Piece;
use Regimen\Route\RouteDraft;
use Regimen\Route\RouteRule;

/** Harness on the bench; shielding and fitting when the finish has cured. */
final readonly class Electronics implements RouteRule
{
    public function appliesTo(Specification $specification): bool
    {
        return $specification->electrics->pickups !== [];
    }

    public function contribute(RouteDraft $draft, Specification $specification): void
    {
        $draft->add('electronics.harness', [], ['electronics']);
        $draft->after('electronics.harness', 'parts.measure', 'The harness is made from parts that have been measured.');
        $draft->add('electronics.shield', [Piece::Body]);
        $draft->after('electronics.shield', ['finish.body.cure', 'finish.cure', 'finish.body.polish', 'finish.polish'], 'Shielding is painted or stuck into cavities whose finish has cured.');
        $draft->add('electronics.install', [Piece::Body], ['pickups']);
        $draft->after('electronics.install', 'electronics.shield', 'The wires lie on the shield.');
        $draft->after('electronics.install', 'electronics.harness', 'It is soldered on the bench first.');
    }
}
