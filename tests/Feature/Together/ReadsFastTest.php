<?php

declare(strict_types=1);

namespace Tests\Feature\Together;

use App\Models\People\Person;
use App\Models\ShopModel;
use Illuminate\Database\Eloquent\Model;
use Tests\TestCase;

/** What is read quickly is what the framework would have read. */
final class ReadsFastTest extends TestCase
{
    use ShopWithEverything;

    /** @return list<class-string<ShopModel>> */
    private static function models(): array
    {
        $models = [];
        foreach (glob(app_path('Models/*/*.php')) ?: [] as $file) {
            $class = 'App\\Models\\'.basename(dirname($file)).'\\'.basename($file, '.php');
            if (is_subclass_of($class, ShopModel::class)) {
                $models[] = $class;
            }
        }

        return $models;
    }

    public function test_every_attribute_of_every_record_is_what_the_framework_makes_of_it(): void
    {
        $rows = 0;
        foreach (self::models() as $class) {
            foreach ($class::query()->limit(60)->get() as $record) {
                $plain = (new \ReflectionClass($class))->newInstance()->setRawAttributes($record->getAttributes(), true);
                foreach (array_keys($record->getAttributes()) as $key) {
                    $made = (new \ReflectionMethod(Model::class, 'getAttributeValue'))->invoke($plain, $key);
                    self::assertEquals($made, $record->getAttribute($key), "{$class} {$key}");
                    self::assertSame(get_debug_type($made), get_debug_type($record->getAttribute($key)), "{$class} {$key}");
                }
                $rows++;
            }
        }
        self::assertGreaterThan(300, $rows);
        $this->whatIsWrittenIsReadAndWhatIsNewIsBlank();
    }

    private function whatIsWrittenIsReadAndWhatIsNewIsBlank(): void
    {
        $person = Person::query()->firstOrFail();
        self::assertTrue($person->active);
        $person->skills = ['design'];
        $person->active = false;
        self::assertSame([['design'], false], [$person->skills, $person->active]);
        $person->save();
        self::assertSame([['design'], false], [$person->fresh()?->skills, $person->fresh()?->active]);
        $new = $person->newInstance(['name' => 'Somebody']);
        self::assertSame([false, 'Somebody', null], [$new->exists, $new->name, $new->getAttribute('email')]);
        self::assertSame([], $person->newInstance()->getAttributes(), 'a copy of a blank one, however others were filled');
        self::assertFalse($person->newInstance()->relationLoaded('daysOff'));
    }
}
