<?php

declare(strict_types=1);

namespace Regimen\Tests\Formats\Invoices;

use PHPUnit\Framework\TestCase;
use Regimen\Formats\Invoices\NotStructured;
use Regimen\Formats\Invoices\UblInvoice;
use Regimen\Invoicing\InvoiceKind;
use Regimen\Invoicing\Line;
use Regimen\Invoicing\TaxCategory;
use Regimen\Invoicing\TaxRate;
use Regimen\Invoicing\Totals;
use Regimen\Tests\Invoicing\Invoices;
use Regimen\Units\Money;

/** Read back by others: tests/Feature/Money/StructuredInvoiceTest. */
final class UblInvoiceTest extends TestCase
{
    private const CAC = 'urn:oasis:names:specification:ubl:schema:xsd:CommonAggregateComponents-2';

    private const CBC = 'urn:oasis:names:specification:ubl:schema:xsd:CommonBasicComponents-2';

    public function test_it_has_what_the_invoice_has(): void
    {
        $rate = new TaxRate(TaxCategory::Standard, 190);
        $line = Line::one('A neck & a body <42 mm>', Money::ofMinor(84_034, 'EUR'), $rate);
        $xml = $this->read(UblInvoice::write(Invoices::with(['lines' => [$line], 'totals' => Totals::of([$line], 'EUR', Money::ofMinor(100_000, 'EUR')), 'note' => 'for No. 39', 'deliveredOn' => '2026-11-20'])));
        self::assertSame('Invoice', $xml->document->documentElement?->localName);
        self::assertSame(['840.34', '159.66', '1000.00'], [$this->text($xml, 'LineExtensionAmount'), $this->text($xml, 'TaxAmount'), $this->text($xml, 'PayableAmount')]);
        self::assertSame(['A neck & a body <42 mm>', '19', 'S', '2026-11-20', 'DE02120300000000202051', 'second floor'], [
            $this->text($xml, 'Name', 1), $this->text($xml, 'Percent'), $xml->evaluate('string(//cac:ClassifiedTaxCategory/cbc:ID)'), $this->text($xml, 'ActualDeliveryDate'), $this->text($xml, 'ID', 2), $this->text($xml, 'AdditionalStreetName'),
        ]);
        self::assertSame(0.0, $xml->evaluate('count(//cbc:PayableRoundingAmount)'), 'net and tax are what was agreed');
    }

    public function test_a_credit_note_is_a_document_of_its_own_and_names_what_it_takes_back(): void
    {
        $xml = $this->read(UblInvoice::write(Invoices::with(['kind' => InvoiceKind::CreditNote, 'takesBack' => '2026-0006', 'terms' => 'It is paid back.', 'dueOn' => ''])));
        self::assertSame('CreditNote', $xml->document->documentElement?->localName);
        self::assertSame(['381', '2026-0006', 2.0], [$this->text($xml, 'CreditNoteTypeCode'), $xml->evaluate('string(//cac:InvoiceDocumentReference/cbc:ID)'), $xml->evaluate('count(//cac:CreditNoteLine/cbc:CreditedQuantity)')]);
    }

    public function test_what_the_standard_does_not_admit_is_not_written_and_says_why(): void
    {
        $dinars = Line::one('Guitar', Money::ofMinor(1_000_500, 'KWD'), new TaxRate(TaxCategory::Export, 0, 'exported'));
        $this->expectException(NotStructured::class);
        $this->expectExceptionMessage('Amounts have two decimals at the most; KWD has 3. (BR-DEC-18)');
        UblInvoice::write(Invoices::with(['currency' => 'KWD', 'lines' => [$dinars], 'totals' => Totals::of([$dinars], 'KWD')]));
    }

    public function test_signs_that_no_xml_has_are_left_out(): void
    {
        self::assertStringContainsString('<cbc:Note>bell and tab	there</cbc:Note>', UblInvoice::write(Invoices::with(['note' => "bell\x07 and tab\tthere"])));
    }

    private function read(string $text): \DOMXPath
    {
        $document = new \DOMDocument;
        self::assertTrue($document->loadXML($text));
        $path = new \DOMXPath($document);
        $path->registerNamespace('cac', self::CAC);
        $path->registerNamespace('cbc', self::CBC);

        return $path;
    }

    private function text(\DOMXPath $in, string $name, int $at = 0): string
    {
        return (string) $in->document->getElementsByTagNameNS(self::CBC, $name)->item($at)?->textContent;
    }
}
