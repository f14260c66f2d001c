<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Symfony\Component\Finder\Finder;

final class Types extends Command
{
    private const FILE = 'js/lib/props.ts';

    protected $signature = 'regimen:types {--check : only say whether they are as the classes have it}';

    protected $description = 'Writes the types of what pages get for the front end';

    public function handle(TypeScript $types): int
    {
        $written = $types->of($this->classes());
        $file = resource_path(self::FILE);
        if ($this->option('check') !== true) {
            file_put_contents($file, $written);

            return self::SUCCESS;
        }
        if (! is_file($file) || file_get_contents($file) !== $written) {
            $this->error('resources/'.self::FILE.' is not what the classes in app/Pages say; ./regimen types writes it anew.');

            return self::FAILURE;
        }

        return self::SUCCESS;
    }

    /** @return list<class-string> everything that a page gets, whole or in an answer */
    private function classes(): array
    {
        $classes = [];
        foreach (Finder::create()->files()->in(app_path('Pages'))->depth('> 0')->name('*.php')->sortByName() as $file) {
            $class = 'App\\Pages\\'.str_replace(['/', '.php'], ['\\', ''], $file->getRelativePathname());
            if (class_exists($class)) {
                $classes[] = $class;
            }
        }

        return $classes;
    }
}
