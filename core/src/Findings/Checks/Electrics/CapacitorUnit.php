<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Electrics;

use Regimen\Electronics\ElectricWords;
use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;

/** A capacitor above 1 µF is almost surely nanofarads (E1). */
final class CapacitorUnit implements Check
{
    public function judge(Workings $w): iterable
    {
        $values = $w->specification->electrics->capacitors;
        $huge = array_values(array_filter($values, static fn (float $nanofarads): bool => $nanofarads > 1000.0));
        if ($huge !== []) {
            $typed = array_map(
                static fn (float $value): string => ElectricWords::capacitance(
                    $value > 1000.0 ? $value / 1000 : $value,
                ),
                $values,
            );
            yield Finding::stop('capacitor-unit', 'Did you mean '.ElectricWords::capacitance($huge[0] / 1000).'?')
                ->says('A tone capacitor of '.ElectricWords::capacitance($huge[0]).' is read.')
                ->because('Tone capacitors are 22, 33 or 47 nF; with microfarads nothing would be heard.')
                ->at('capacitors')
                ->fixBy(
                    [
                        [implode(', ', $typed), ['capacitors' => implode('; ', $typed)]],
                        ['Make it 22 nF', ['capacitors' => '22 nF']],
                    ],
                );

            return;
        }
        $odd = array_values(
            array_filter($values, static fn (float $nanofarads): bool => $nanofarads < 1.0 || $nanofarads > 220.0),
        );
        if ($odd !== []) {
            yield Finding::warn('capacitor-value', 'An unusual tone capacitor')
                ->says(ElectricWords::capacitance($odd[0]).'; 22, 33 and 47 nF are usual.')
                ->because('The tone control would do nothing, or everything at once.')
                ->at('capacitors')
                ->fix('Make it 22 nF', ['capacitors' => '22 nF']);
        }
    }
}
