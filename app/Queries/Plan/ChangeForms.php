<?php

declare(strict_types=1);

namespace App\Queries\Plan;

use App\Actions\Plan\Changes\AskedField;
use App\Actions\Plan\Changes\Asking;
use App\Actions\Plan\Changes\Changes;
use App\Pages\Trying\ChangeForm;

/** What can be tried or fixed, and what each kind of change has to say: the forms that the kinds themselves ask for. */
final readonly class ChangeForms
{
    public function __construct(private Asking $asking)
    {
    }

    /**
     * @param  string  ...$kinds  all that have a form where none is named
     * @return list<ChangeForm>
     */
    public function of(string ...$kinds): array
    {
        $forms = [];
        foreach (Changes::asked() as $kind => $change) {
            $heading = $change::heading();
            if ($heading !== null && ($kinds === [] || in_array($kind, $kinds, true))) {
                $fields = array_map(
                    static fn (AskedField $one) => $one->shown(), $change::fields($this->asking),
                );
                $forms[] = new ChangeForm($kind, $heading, array_values(array_filter($fields)));
            }
        }

        return $forms;
    }
}
