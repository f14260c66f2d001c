<?php

declare(strict_types=1);

namespace App\Pages\Money;

use App\Pages\Dict;
use App\Pages\Page;
use App\Pages\Shop\Option;

final readonly class SettingsProps extends Page
{
    public const COMPONENT = 'money/Settings';

    /**
     * @param  Dict<string>  $seller
     * @param  list<StagePayment>  $stagePayments
     * @param  list<Option>  $stages
     * @param  list<Option>  $refunds
     * @param  list<Option>  $ways
     * @param  list<TaxRow>  $taxes
     * @param  list<Option>  $countries
     * @param  list<Option>  $categories
     */
    public function __construct(
        public int $version,
        public Dict $seller,
        public string $payDays,
        public string $unpaidHolds,
        public string $refundRule,
        public string $priceWay,
        public array $stagePayments,
        public array $stages,
        public array $refunds,
        public array $ways,
        public array $taxes,
        public array $countries,
        public array $categories,
    ) {
    }
}
