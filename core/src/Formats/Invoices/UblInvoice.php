<?php

declare(strict_types=1);

namespace Regimen\Formats\Invoices;

use DOMDocument;
use DOMElement;
use Regimen\Invoicing\Invoice;
use Regimen\Invoicing\InvoiceKind;
use Regimen\Invoicing\InvoiceRules;
use Regimen\Invoicing\Line;
use Regimen\Invoicing\Party;
use Regimen\Invoicing\TaxRate;
use Regimen\Units\Money;

/**
 * An invoice as structured data: EN 16931-1 in the syntax of UBL 2.1 (EN 16931-3-2), written from the standard. Elements stand in the
 * order of the schema.
 */
final class UblInvoice
{
    private const BASIC = 'urn:oasis:names:specification:ubl:schema:xsd:CommonBasicComponents-2';

    private const AGGREGATE = 'urn:oasis:names:specification:ubl:schema:xsd:CommonAggregateComponents-2';

    private const CREDIT_TRANSFER = '30';

    private DOMDocument $document;

    private function __construct(private readonly Invoice $invoice)
    {
        $this->document = new DOMDocument('1.0', 'UTF-8');
        $this->document->formatOutput = true;
    }

    /** @throws NotStructured where a rule of the standard is broken */
    public static function write(Invoice $invoice): string
    {
        $broken = InvoiceRules::broken($invoice);
        if ($broken !== []) {
            throw NotStructured::because($broken);
        }

        return (new self($invoice))->xml();
    }

    private function xml(): string
    {
        $one = $this->invoice;
        $name = $this->isCredit() ? 'CreditNote' : 'Invoice';
        $root = $this->document->createElementNS("urn:oasis:names:specification:ubl:schema:xsd:{$name}-2", $name);
        $root->setAttributeNS('http://www.w3.org/2000/xmlns/', 'xmlns:cac', self::AGGREGATE);
        $root->setAttributeNS('http://www.w3.org/2000/xmlns/', 'xmlns:cbc', self::BASIC);
        $this->document->appendChild($root);
        $this->basic($root, 'CustomizationID', 'urn:cen.eu:en16931:2017');
        $this->basic($root, 'ID', $one->number);
        $this->basic($root, 'IssueDate', $one->issuedOn);
        $this->isCredit() || $one->dueOn === '' || $this->basic($root, 'DueDate', $one->dueOn);
        $this->basic($root, "{$name}TypeCode", $one->kind->value);
        $one->note === '' || $this->basic($root, 'Note', $one->note);
        $this->basic($root, 'DocumentCurrencyCode', $one->currency);
        if ($one->takesBack !== null) {
            $this->basic($this->group($this->group($root, 'BillingReference'), 'InvoiceDocumentReference'), 'ID', $one->takesBack);
        }
        $this->party($root, 'AccountingSupplierParty', $one->seller);
        $this->party($root, 'AccountingCustomerParty', $one->buyer);
        if ($one->deliveredOn !== '') {
            $this->basic($this->group($root, 'Delivery'), 'ActualDeliveryDate', $one->deliveredOn);
        }
        if ($one->account !== '') {
            $means = $this->group($root, 'PaymentMeans');
            $this->basic($means, 'PaymentMeansCode', self::CREDIT_TRANSFER);
            $this->basic($means, 'PaymentID', $one->number);
            $this->basic($this->group($means, 'PayeeFinancialAccount'), 'ID', (string) preg_replace('/\s+/', '', $one->account));
        }
        $one->terms === '' || $this->basic($this->group($root, 'PaymentTerms'), 'Note', $one->terms);
        $this->taxes($root);
        $this->totals($root);
        foreach ($one->lines as $at => $line) {
            $this->line($root, $at + 1, $line);
        }

        return (string) $this->document->saveXML();
    }

    private function isCredit(): bool
    {
        return $this->invoice->kind === InvoiceKind::CreditNote;
    }

    private function party(DOMElement $root, string $role, Party $of): void
    {
        $party = $this->group($this->group($root, $role), 'Party');
        if ($of->email !== '') {
            $this->basic($party, 'EndpointID', $of->email)->setAttribute('schemeID', 'EM');
        }
        $address = $this->group($party, 'PostalAddress');
        $lines = array_values(array_filter(array_map(trim(...), explode("\n", $of->street))));
        isset($lines[0]) && $this->basic($address, 'StreetName', $lines[0]);
        isset($lines[1]) && $this->basic($address, 'AdditionalStreetName', $lines[1]);
        $of->town === '' || $this->basic($address, 'CityName', $of->town);
        $of->postcode === '' || $this->basic($address, 'PostalZone', $of->postcode);
        if (isset($lines[2])) {
            $this->basic($this->group($address, 'AddressLine'), 'Line', implode(', ', array_slice($lines, 2)));
        }
        $this->basic($this->group($address, 'Country'), 'IdentificationCode', $of->country);
        foreach (array_filter(['VAT' => $of->taxId, 'TAX' => $role === 'AccountingSupplierParty' ? $of->localTaxId : '']) as $scheme => $id) {
            $tax = $this->group($party, 'PartyTaxScheme');
            $this->basic($tax, 'CompanyID', $id);
            $this->basic($this->group($tax, 'TaxScheme'), 'ID', $scheme);
        }
        $legal = $this->group($party, 'PartyLegalEntity');
        $this->basic($legal, 'RegistrationName', $of->name);
        $of->registration === '' || $this->basic($legal, 'CompanyID', $of->registration);
        if ($role === 'AccountingSupplierParty' && $of->email !== '') {
            $contact = $this->group($party, 'Contact');
            $this->basic($contact, 'Name', $of->name);
            $this->basic($contact, 'ElectronicMail', $of->email);
        }
    }

    private function taxes(DOMElement $root): void
    {
        $all = $this->group($root, 'TaxTotal');
        $this->amount($all, 'TaxAmount', $this->invoice->totals->tax);
        foreach ($this->invoice->totals->taxes as $sum) {
            $one = $this->group($all, 'TaxSubtotal');
            $this->amount($one, 'TaxableAmount', $sum->net);
            $this->amount($one, 'TaxAmount', $sum->tax);
            $this->category($one, 'TaxCategory', $sum->rate, true);
        }
    }

    private function totals(DOMElement $root): void
    {
        $totals = $this->invoice->totals;
        $sums = $this->group($root, 'LegalMonetaryTotal');
        $this->amount($sums, 'LineExtensionAmount', $totals->lines);
        $this->amount($sums, 'TaxExclusiveAmount', $totals->net);
        $this->amount($sums, 'TaxInclusiveAmount', $totals->gross);
        $totals->rounding->minor === 0 || $this->amount($sums, 'PayableRoundingAmount', $totals->rounding);
        $this->amount($sums, 'PayableAmount', $totals->due);
    }

    private function line(DOMElement $root, int $number, Line $of): void
    {
        $line = $this->group($root, $this->isCredit() ? 'CreditNoteLine' : 'InvoiceLine');
        $this->basic($line, 'ID', (string) $number);
        $this->basic($line, $this->isCredit() ? 'CreditedQuantity' : 'InvoicedQuantity', self::figure($of->quantity))->setAttribute('unitCode', $of->unit);
        $this->amount($line, 'LineExtensionAmount', $of->net);
        $item = $this->group($line, 'Item');
        $this->basic($item, 'Name', $of->text);
        $of->tax === null || $this->category($item, 'ClassifiedTaxCategory', $of->tax, false);
        $this->amount($this->group($line, 'Price'), 'PriceAmount', $of->price);
    }

    private function category(DOMElement $in, string $name, TaxRate $of, bool $withReason): void
    {
        $category = $this->group($in, $name);
        $this->basic($category, 'ID', $of->category->value);
        $of->category->value === 'O' || $this->basic($category, 'Percent', $of->percent());
        $withReason && $of->category->needsReason() && $this->basic($category, 'TaxExemptionReason', $of->reason);
        $this->basic($this->group($category, 'TaxScheme'), 'ID', 'VAT');
    }

    private function group(DOMElement $in, string $name): DOMElement
    {
        $element = $this->document->createElementNS(self::AGGREGATE, "cac:{$name}");
        $in->appendChild($element);

        return $element;
    }

    private function basic(DOMElement $in, string $name, string $text): DOMElement
    {
        $element = $this->document->createElementNS(self::BASIC, "cbc:{$name}");
        // What XML has no sign for is nothing that anybody reads on paper either.
        $element->appendChild($this->document->createTextNode((string) preg_replace('/[^\x09\x0A\x20-\x{D7FF}\x{E000}-\x{FFFD}\x{10000}-\x{10FFFF}]/u', '', $text)));
        $in->appendChild($element);

        return $element;
    }

    private function amount(DOMElement $in, string $name, Money $money): void
    {
        $digits = Money::digitsOf($money->currency);
        $this->basic($in, $name, number_format($money->minor / 10 ** $digits, $digits, '.', ''))->setAttribute('currencyID', $money->currency);
    }

    private static function figure(float $quantity): string
    {
        return rtrim(rtrim(number_format($quantity, 4, '.', ''), '0'), '.');
    }
}
