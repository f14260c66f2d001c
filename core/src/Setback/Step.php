<?php

declare(strict_types=1);

namespace Regimen\Setback;

use Regimen\Parts\PartGroup;
use Regimen\Route\Air\HoldKind;
use Regimen\Route\OperationState;
use Regimen\Route\Standards\Piece;
use Regimen\Route\Standards\Stage;
use Regimen\Units\Duration;

/** One operation of a build's route, with how far it is. */
final readonly class Step
{
    /**
     * @param  list<Piece>  $pieces  it is done on
     * @param  Duration  $work  set-up and labour, as estimated
     * @param  Duration  $worked  on it so far, for what is in the instrument now
     * @param  list<PartGroup>  $uses  what is used up by it, or glued or sprayed on for good
     */
    public function __construct(
        public string $key,
        public string $name,
        public Stage $stage,
        public array $pieces,
        public OperationState $state,
        public ?HoldKind $hold,
        public Duration $work,
        public Duration $worked,
        public array $uses = [],
    ) {
    }

    public function isBegun(): bool
    {
        return $this->state !== OperationState::Open;
    }

    public function isGluedUp(): bool
    {
        return $this->hold === HoldKind::Glue && $this->state->labourIsDone();
    }

    public function touches(PieceKind $kind): bool
    {
        if (in_array($this->key, PieceKind::ofTop(), true)) {
            return $kind === PieceKind::Top;
        }
        if ($kind === PieceKind::Top) {
            return $this->key === PieceKind::topIsOn();
        }

        return in_array($kind->piece(), $this->pieces, true);
    }

    public function isAcross(Thing $thing): bool
    {
        return ! $this->stage->isBeforeTheCut() && ! $this->isOnlyOn($thing) && array_filter($thing->kinds, $this->touches(...)) !== [];
    }

    /** Whether it is done on this and on nothing beside it. */
    public function isOnlyOn(Thing $thing): bool
    {
        $touched = $this->stage->isBeforeTheCut() ? [] : array_filter(PieceKind::cases(), $this->touches(...));

        return $touched !== [] && array_filter($touched, static fn (PieceKind $kind): bool => ! $thing->has($kind)) === [];
    }
}
