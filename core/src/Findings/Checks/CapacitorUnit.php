<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks;

use Regimen\Figures\Words;
use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;

/** A capacitor above 1 µF is almost surely nanofarads (E1). */
final class CapacitorUnit implements Check
{
    public function judge(Workings $w): iterable
    {
        $values = $w->specification->electrics->capacitors;
        foreach ($values as $index => $nanofarads) {
            if ($nanofarads > 1000.0) {
                $typed = array_map(static fn (float $value, int $at): string => Words::number($at === $index ? $value / 1000 : $value, 2).' nF', $values, array_keys($values));
                yield Finding::stop('capacitor-unit', 'Did you mean '.Words::number($nanofarads / 1000, 1).' nF?', 'A tone capacitor of '.Words::number($nanofarads / 1000, 1).' µF is read.', 'Tone capacitors are 22, 33 or 47 nF; with microfarads nothing would be heard.', 'capacitors')
                    ->mend(Words::number($nanofarads / 1000, 1).' nF', ['capacitors' => implode(' ', $typed)]);

                return;
            }
            if ($nanofarads < 1.0 || $nanofarads > 220.0) {
                yield Finding::warn('capacitor-value', 'An unusual tone capacitor', Words::number($nanofarads, 3).' nF; 22, 33 and 47 are usual.', 'The tone control would do nothing, or everything at once.', 'capacitors')->mend('22 nF', ['capacitors' => '22 nF']);
            }
        }
    }
}
