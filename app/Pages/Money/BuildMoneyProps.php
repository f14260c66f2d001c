<?php

declare(strict_types=1);

namespace App\Pages\Money;

use App\Pages\Dict;
use App\Pages\Invoices\Paper;
use App\Pages\Invoices\PartRow;
use App\Pages\Invoices\PaymentRow;
use App\Pages\Page;
use App\Pages\Shop\Option;

final readonly class BuildMoneyProps extends Page
{
    public const COMPONENT = 'money/BuildMoney';

    /**
     * @param  string  $priceBy  `fixed` or `effort`
     * @param  string  $effort  what it comes to by effort so far
     * @param  list<PartRow>  $parts
     * @param  list<Option>  $stages
     * @param  list<Option>  $taxes  of the client’s country
     * @param  list<Paper>  $papers
     * @param  list<PaymentRow>  $payments
     * @param  list<Row>  $standing  earned against paid
     * @param  list<Row>  $made  what the price is made of
     * @param  Dict<string>  $asked  how it is worked out, by field
     * @param  list<Choosing>  $choices  methods and timbers
     * @param  string  $problem  why it cannot be worked out so
     * @param  list<WhyRow>  $quoted
     * @param  list<Option>  $clients  to whom it can be sold, where it is built for stock
     * @param  list<Row>  $why  the difference, in parts that sum to it
     */
    public function __construct(
        public int $number,
        public string $title,
        public string $client,
        public ?int $clientId,
        public int $version,
        public string $headline,
        public string $under,
        public string $currency,
        public string $price,
        public string $priceBy,
        public string $effort,
        public array $parts,
        public array $stages,
        public array $taxes,
        public string $tax,
        public array $papers,
        public array $payments,
        public array $standing,
        public array $made,
        public string $against,
        public Dict $asked,
        public array $choices,
        public string $problem,
        public array $quoted,
        public array $why,
        public array $clients,
        public ?Cancelling $cancelling,
        public string $today,
    ) {
    }
}
