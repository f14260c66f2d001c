<?php

declare(strict_types=1);

namespace Regimen\Route\Operations;

use Regimen\Drawing\Bench\BenchView;
use Regimen\Parts\PartGroup;
use Regimen\Route\Entry\Entry;
use Regimen\Route\Entry\Gate;
use Regimen\Route\Entry\TradeOperation;
use Regimen\Route\Standards\Stage;

/** All operations of the trade, in the order in which they are listed; each is described in the enum of its piece. */
final class Operations
{
    private const BY_PIECE = [
        PreparationOperation::class, NeckOperation::class, HeadstockOperation::class, FretboardOperation::class,
        BodyOperation::class, BoxOperation::class, JointOperation::class, FinishOperation::class, CoatOperation::class,
        ElectronicsOperation::class, AssemblyOperation::class,
    ];

    /** @return list<TradeOperation> */
    public static function all(): array
    {
        return array_merge(...array_map(static fn (string $piece): array => $piece::cases(), self::BY_PIECE));
    }

    /** The operation with this key; null for one that a shop has added, or a step that takes another's standard. */
    public static function find(string $key): ?TradeOperation
    {
        foreach (self::BY_PIECE as $piece) {
            $found = $piece::tryFrom($key);
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    public static function entry(TradeOperation $operation): Entry
    {
        static $entries = [];

        return $entries[$operation->value] ??= $operation->entry();
    }

    /** @param  string  $key  of a step on a route */
    public static function gateAfter(string $key): ?Gate
    {
        $key = StepKey::reworked($key) ?? $key;
        $operation = self::find($key);
        if ($operation !== null) {
            return self::entry($operation)->gate;
        }
        $whole = self::find(StepKey::whole($key) ?? '');
        $entry = $whole === null ? null : self::entry($whole);

        return $entry->gateOfOne ?? $entry?->gate;
    }

    /** @param  string  $key  of a step on a route; of one that the trade does not know the whole instrument is drawn */
    public static function viewOf(string $key): BenchView
    {
        $key = StepKey::reworked($key) ?? $key;
        $known = self::find($key) ?? self::find(StepKey::whole($key) ?? '');

        return $known?->view() ?? BenchView::Whole;
    }

    /** @return list<TradeOperation> those that take a part's measures, or that are the first to cut a piece's timber */
    public static function cutting(PartGroup $part): array
    {
        $cuts = static fn (Entry $entry): bool => in_array($part, [...$entry->cutFor, ...$entry->cutInto], true);

        return array_values(
            array_filter(self::all(), static fn (TradeOperation $one): bool => $cuts(self::entry($one))),
        );
    }

    /**
     * The timber that a step is the first to cut.
     *
     * @param  string  $key  of a step on a route
     * @return list<PartGroup>
     */
    public static function cutsInto(string $key): array
    {
        $key = StepKey::reworked($key) ?? $key;
        $known = self::find($key) ?? self::find(StepKey::whole($key) ?? '');

        return $known === null ? [] : self::entry($known)->cutInto;
    }

    /** The operation that orders a part; null for what is taken from the shelf. */
    public static function ordering(PartGroup $part): ?TradeOperation
    {
        foreach (self::all() as $operation) {
            if (in_array($part, self::entry($operation)->orders, true)) {
                return $operation;
            }
        }

        return null;
    }

    /** How the stage of an operation is called: a box is made in stages of its own. */
    public static function stageWords(string $key, Stage $stage): string
    {
        return BoxOperation::tryFrom($key)?->part() ?? $stage->words();
    }
}
