<?php

declare(strict_types=1);

namespace Tests\Feature\Console;

use App\Actions\Commission\Commission;
use App\Actions\Commission\TakeCommission;
use App\Actions\Specification\ReleaseSpecification;
use App\Models\Build\Purpose;
use App\Models\People\Person;
use Illuminate\Database\Seeder;
use Regimen\Units\Money;

/** A shop with one build that is released and planned, for a process of its own. */
final class BuildSeeder extends Seeder
{
    public function run(TakeCommission $take, ReleaseSpecification $release): void
    {
        if (! Person::query()->exists()) {
            $this->call(ShopSeeder::class);
        }
        $manager = Person::query()->firstOrFail();
        $build = $take($manager, new Commission(
            Purpose::Commission, 'Fennimore', 'Clara Fennimore', '', ['type' => 'guitar', 'wishes' => 'light'],
            Money::ofMinor(500_000, 'EUR'), null, '2026-07-31',
        ));
        $release($manager, $build, 1);
    }
}
