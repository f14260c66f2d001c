<?php

declare(strict_types=1);

namespace App\Pages\Trying;

use App\Pages\Later;
use App\Pages\Page;

final readonly class TryProps extends Page
{
    public const COMPONENT = 'plan/Try';

    /**
     * @param  list<ScenarioLine>  $scenarios
     * @param  Later<Effect>|null  $difference
     * @param  list<ChangeForm>  $forms
     */
    public function __construct(
        public array $scenarios,
        public ?ScenarioShown $shown,
        public ?Later $difference,
        public array $forms,
    ) {
    }
}
