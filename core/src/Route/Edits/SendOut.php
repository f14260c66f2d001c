<?php

declare(strict_types=1);

namespace Regimen\Route\Edits;

use Regimen\Route\Air\HoldKind;
use Regimen\Route\Standards\Standard;
use Regimen\Route\Standards\ThreePoint;
use Regimen\Units\Duration;

/** An operation is done elsewhere: here it is packed, and its piece is away for as long as the supplier takes. */
final readonly class SendOut implements Edit
{
    /** The way of an operation that is done elsewhere. */
    public const WAY = 'sent out';

    /** To pack it and to take it along; house convention. */
    public const PACKING = 20;

    /**
     * @param  Duration  $away  from the dispatch to the return
     * @param  list<string>  $also  keys of operations that are done there along with it
     */
    public function __construct(public string $key, public string $to, public Duration $away, public array $also)
    {
    }

    public function apply(Workbench $bench): void
    {
        $operation = $bench->operation($this->key);
        if ($this->away->minutes <= 0) {
            throw ImpossibleEdit::because('Work that is sent out is away for a day at least.');
        }
        if (in_array($this->key, $this->also, true)) {
            throw ImpossibleEdit::because("“{$operation->name}” is sent out already; what is done along with it is something else.");
        }
        $standard = get_object_vars($operation->standard);
        $away = new Standard(...[
            ...$standard, 'station' => null, 'fixture' => null, 'fixtures' => 1, 'oneSitting' => true, 'way' => self::WAY, 'hands' => 0, 'alone' => 0,
        ]);
        $bench->put($operation->with([
            'standard' => $away, 'setUp' => Duration::zero(), 'hours' => ThreePoint::around(Duration::ofMinutes(self::PACKING)), 'hold' => $this->away, 'holdKind' => HoldKind::Rest,
            'setUpKey' => '', 'hands' => 0, 'alone' => 0, 'cautions' => [],
        ]));
        foreach ($this->also as $key) {
            $bench->operation($key);
            $bench->drop($key);
        }
    }

    public function words(Workbench $bench): string
    {
        $days = intdiv($this->away->minutes, 1_440);

        return "“{$bench->nameOf($this->key)}” sent out to {$this->to}, {$days} ".($days === 1 ? 'day' : 'days').($this->also === [] ? '' : ', and along with it '.implode(
            ', ', array_map(static fn (string $key): string => "“{$bench->nameOf($key)}”", $this->also),
        )).'.';
    }

    public function toArray(): array
    {
        return ['kind' => 'send-out', 'key' => $this->key, 'to' => $this->to, 'away' => $this->away->minutes, 'also' => $this->also];
    }
}
