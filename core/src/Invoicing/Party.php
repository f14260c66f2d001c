<?php

declare(strict_types=1);

namespace Regimen\Invoicing;

/** Who sells or buys. */
final readonly class Party
{
    /**
     * @param  string  $street  the lines of the address before the town
     * @param  string  $country  as an ISO 3166-1 code of two letters
     * @param  string  $taxId  its identifier for the tax, beginning with the country’s code
     * @param  string  $localTaxId  the number that the tax office knows it by
     * @param  string  $registration  its number in the register of companies
     * @param  string  $email  where invoices are sent to
     */
    public function __construct(
        public string $name,
        public string $street = '',
        public string $postcode = '',
        public string $town = '',
        public string $country = '',
        public string $taxId = '',
        public string $localTaxId = '',
        public string $registration = '',
        public string $email = '',
    ) {
    }

    public function hasAddress(): bool
    {
        return $this->street.$this->postcode.$this->town.$this->country !== '';
    }

    /**
     * By an address as people write it: the last of several lines is the town, after its postcode where a word with a figure stands
     * there first.
     *
     * @param  array<string, string>  $known  what else is known of them, by property
     */
    public static function at(string $name, string $address, string $country, array $known = []): self
    {
        $lines = array_values(array_filter(array_map(trim(...), explode("\n", $address))));
        $last = count($lines) > 1 ? (string) array_pop($lines) : '';
        $isCoded = preg_match('/^(\S*\d\S*)\s+(.+)$/u', $last, $found) === 1;

        return new self(...['name' => $name, 'street' => implode("\n", $lines), 'postcode' => $isCoded ? $found[1] : '', 'town' => $isCoded ? $found[2] : $last, 'country' => $country, ...$known]);
    }
}
