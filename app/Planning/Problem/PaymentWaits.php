<?php

declare(strict_types=1);

namespace App\Planning\Problem;

use App\Models\Build\Build;
use App\Models\Build\Operation;
use App\Models\Money\Invoice;
use App\Models\Money\PaymentPart;
use App\Planning\House\House;
use App\Support\Clock;
use App\Support\Minutes;
use App\Support\Say;
use Regimen\Invoicing\PaymentWhen;
use Regimen\Route\Standards\Stage;
use Regimen\Schedule\Problem\Release;

/**
 * What waits for a payment that is overdue, where the house holds its work for one: after a stage's payment what comes after that stage,
 * after a deposit all but the talk. Read once for each plan.
 */
final class PaymentWaits
{
    /** Whoever is reminded pays within a week (common practice). */
    private const DAYS = 7;

    /** @var array<int, list<array{int, Release}>>|null by build: the place of the first stage that waits, and until when */
    private ?array $waits = null;

    public function __construct(private readonly House $house, private readonly Clock $clock)
    {
    }

    public function forget(): void
    {
        $this->waits = null;
    }

    public function release(Operation $operation): ?Release
    {
        $this->waits ??= $this->house->shop()->unpaid_holds ? $this->read() : [];
        $place = self::place($operation->stage);
        foreach ($this->waits[$operation->build_id] ?? [] as [$from, $release]) {
            if ($place >= $from) {
                return $release;
            }
        }

        return null;
    }

    /** @return array<int, list<array{int, Release}>> */
    private function read(): array
    {
        $today = $this->clock->today($this->house->zone());
        $until = Minutes::endOfDay((new \DateTimeImmutable($today))->modify('+'.self::DAYS.' days')->format('Y-m-d'), $this->house->zone()) + 1;
        $waits = [];
        $late = Invoice::query()->standing()->withPaid()->where('due_on', '<', $today)->whereIn('build_id', Build::query()->open()->select('id'))->orderBy('id')->get()->filter(static fn (Invoice $one): bool => $one->leftMinor() > 0);
        $parts = PaymentPart::query()->whereIn('invoice_id', $late->modelKeys())->get()->keyBy('invoice_id');
        foreach ($late as $invoice) {
            $part = $parts->get($invoice->id);
            if ($part !== null && $part->when !== PaymentWhen::Delivery) {
                $waits[$invoice->build_id][] = [
                    self::place($part->stage ?? Stage::Brief) + 1, new Release($until, "the payment of invoice {$invoice->number}, due since ".Say::day($invoice->due_on)),
                ];
            }
        }

        return $waits;
    }

    private static function place(Stage $stage): int
    {
        return (int) array_search($stage, Stage::cases(), true);
    }
}
