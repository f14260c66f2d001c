<?php

declare(strict_types=1);

namespace Regimen\Figures;

use Regimen\Geometry\Point;
use Regimen\Instrument\Fretboard\SlotsSawn;
use Regimen\Instrument\Reading\ReadSpecification;
use Regimen\Instrument\Shape\BoardShape;
use Regimen\Instrument\Shape\BodyRoom;
use Regimen\Instrument\Shape\BodyShape;
use Regimen\Instrument\Shape\BoxShape;
use Regimen\Instrument\Shape\BridgeHeight;
use Regimen\Instrument\Shape\FretLines;
use Regimen\Instrument\Shape\FretMarkers;
use Regimen\Instrument\Shape\HeadstockShape;
use Regimen\Instrument\Shape\InstrumentMass;
use Regimen\Instrument\Shape\NeckShape;
use Regimen\Instrument\Shape\ScaleLine;
use Regimen\Instrument\Shape\StringSpread;
use Regimen\Instrument\Specification;
use Regimen\Timber\BalanceMoisture;
use Regimen\Timber\Lots;
use Regimen\Units\Money;

/** One specification with everything that is worked out from it, shared by figures, findings and drawings. */
final class Workings
{
    /** @var array<string, object> */
    private array $worked = [];

    /** @var non-empty-list<InstrumentString>|null */
    private ?array $strings = null;

    private function __construct(
        public readonly Specification $specification,
        public readonly ReadSpecification $read,
        public readonly ?Money $partsCost,
        public readonly SlotsSawn $slots,
        private Lots|\Closure $lots,
    ) {
    }

    /**
     * @param  SlotsSawn  $slots  as the route has it
     * @param  Lots|\Closure(): Lots  $lots  that it is cut from, looked up only where its mass is asked for
     */
    public static function from(
        ReadSpecification $read,
        ?Money $partsCost = null,
        SlotsSawn $slots = SlotsSawn::FromTheFlat,
        Lots|\Closure $lots = new Lots,
    ): self {
        return new self($read->orFail(), $read, $partsCost, $slots, $lots);
    }

    /** The same with another specification. */
    public function with(ReadSpecification $read): self
    {
        return new self($read->orFail(), $read, $this->partsCost, $this->slots, $this->lots);
    }

    public function lots(): Lots
    {
        return $this->lots instanceof Lots ? $this->lots : $this->lots = ($this->lots)();
    }

    /** Whether the client has said so, rather than the house. */
    public function clientSays(string $field): bool
    {
        return ($this->read->sources[$field] ?? '') === ReadSpecification::CLIENT;
    }

    public function board(): BoardShape
    {
        return $this->once(BoardShape::class, fn (): BoardShape => BoardShape::from($this->specification, $this->slots));
    }

    public function neck(): NeckShape
    {
        return $this->once(NeckShape::class, fn (): NeckShape => NeckShape::from($this->specification));
    }

    public function markers(): FretMarkers
    {
        return $this->once(FretMarkers::class, fn (): FretMarkers => FretMarkers::from($this->specification));
    }

    public function head(): HeadstockShape
    {
        return $this->once(HeadstockShape::class, fn (): HeadstockShape => HeadstockShape::from($this->specification));
    }

    public function lines(): FretLines
    {
        return $this->once(FretLines::class, fn (): FretLines => FretLines::from($this->specification));
    }

    public function spread(): StringSpread
    {
        return $this->once(StringSpread::class, fn (): StringSpread => StringSpread::from($this->specification));
    }

    public function scaleLine(): ScaleLine
    {
        return $this->once(ScaleLine::class, fn (): ScaleLine => ScaleLine::from($this->specification));
    }

    public function bridge(): BridgeHeight
    {
        return $this->once(BridgeHeight::class, fn (): BridgeHeight => BridgeHeight::from($this->specification));
    }

    public function body(): BodyShape
    {
        return $this->once(BodyShape::class, fn (): BodyShape => BodyShape::from($this->specification));
    }

    public function box(): BoxShape
    {
        return $this->once(BoxShape::class, fn (): BoxShape => BoxShape::from($this->specification));
    }

    public function room(): BodyRoom
    {
        return $this->once(BodyRoom::class, fn (): BodyRoom => BodyRoom::from($this->specification, $this->body()));
    }

    public function pull(): Pull
    {
        return $this->once(Pull::class, fn (): Pull => Pull::from($this->specification));
    }

    /** @return non-empty-list<InstrumentString> treble first */
    public function strings(): array
    {
        return $this->strings ??= array_map($this->string(...), array_keys($this->pull()->each));
    }

    private function string(int $index): InstrumentString
    {
        $stringing = $this->specification->stringing;
        $gauge = $stringing->gauges[$index];
        $stated = $stringing->unitMasses[$index] ?? null;

        return new InstrumentString(
            $index + 1,
            $gauge,
            $stringing->tuning[$index],
            $stated ?? $this->specification->estimatedMass($gauge) * 1000,
            $stated !== null,
            $this->pull()->each[$index],
            new Point($this->spread()->nutAlong[$index], $this->spread()->nut[$index]),
            new Point($this->scaleLine()->saddleAt($index), $this->spread()->saddle[$index]),
            $this->head()->posts[$index],
            $this->head()->breakAngle($index),
            $this->head()->sideAngle($index),
        );
    }

    public function mass(): InstrumentMass
    {
        return $this->once(
            InstrumentMass::class,
            fn (): InstrumentMass => InstrumentMass::from($this->specification, $this->balance(), $this->lots()),
        );
    }

    /** T1: what timber settles at in the shop's air, in %. */
    public function balance(): float
    {
        return BalanceMoisture::percent(
            $this->specification->brief->airTemperature, $this->specification->brief->airHumidity,
        );
    }

    /** x of a fret, mm from the nut. */
    public function fret(int $number): float
    {
        return $this->specification->frets()->position($number)->mm;
    }

    public function lastFret(): float
    {
        return $this->specification->frets()->last()->mm;
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @param  \Closure(): T  $work
     * @return T
     */
    private function once(string $class, \Closure $work): object
    {
        $known = $this->worked[$class] ??= $work();

        return $known instanceof $class
            ? $known
            : throw new \LogicException("{$class} was worked out as something else.");
    }
}
