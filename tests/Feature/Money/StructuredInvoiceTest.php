<?php

declare(strict_types=1);

namespace Tests\Feature\Money;

use App\Models\Money\Invoice;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Structured invoices read back by a library that is not ours (@fin.cx/einvoice), which judges them by its own rules of EN 16931. */
final class StructuredInvoiceTest extends TestCase
{
    use SellsThings;

    private const READ = <<<'JS'
        import { EInvoice, ValidationLevel } from '@fin.cx/einvoice';
        let xml = '';
        for await (const part of process.stdin) xml += part;
        const one = await EInvoice.fromXml(xml);
        const levels = [];
        for (const level of [ValidationLevel.SYNTAX, ValidationLevel.SEMANTIC, ValidationLevel.BUSINESS]) levels.push((await one.validate(level)).errors);
        console.log(JSON.stringify({
            id: one.id, type: one.invoiceType, currency: one.currency, seller: one.from.registrationDetails, country: one.from.address.countryCode, buyer: one.to.registrationDetails.registrationName, town: one.to.address.city,
            items: one.items.map((item) => [item.name, item.unitQuantity, item.unitNetPrice, item.vatPercentage]), errors: levels.flat(),
        }));
        JS;

    public function test_an_outside_library_reads_what_was_written_and_finds_nothing_wrong(): void
    {
        $this->write(0);
        $this->write(1);
        $balance = $this->write(2);
        $read = $this->read($balance);
        $this->assertSame(['2026-0003', 'EUR', 'DE123456788', 'The Bench', 'DE', 'Clara Fennimore', 'Millbridge'], [
            $read['id'], $read['currency'], $read['seller']['vatId'], $read['seller']['registrationName'], $read['country'], $read['buyer'], $read['town'],
        ]);
        $this->assertSame([[1, 4201.68, 19], [-1, 1260.5, 19], [-1, 840.34, 19]], array_map(static fn (array $item): array => array_slice($item, 1), $read['items']));
        $this->assertSame('less invoice 2026-0001, deposit', $read['items'][1][0]);
        $this->assertSame([], $read['errors']);
        // Its lines sum to what stands on the invoice.
        $this->assertEqualsWithDelta($balance->net_minor / 100, array_sum(array_map(static fn (array $item): float => $item[1] * $item[2], $read['items'])), 0.001);
    }

    public function test_a_credit_note_is_known_as_one(): void
    {
        $invoice = $this->write(0);
        $this->post("/invoices/{$invoice->id}/cancel", ['because' => 'wrong'])->assertSessionHasNoErrors();
        $read = $this->read(Invoice::query()->orderByDesc('id')->firstOrFail());
        $this->assertSame(['2026-0002', 'creditnote', []], [$read['id'], $read['type'], $read['errors']]);
    }

    /** @return array<string, mixed> */
    private function read(Invoice $invoice): array
    {
        $xml = (string) $this->get("/invoices/{$invoice->id}/invoice.xml")->assertOk()->getContent();

        return (array) json_decode((new Process(['node', '--input-type=module', '-e', self::READ], base_path(), null, $xml))->mustRun()->getOutput(), true, 16, JSON_THROW_ON_ERROR);
    }
}
