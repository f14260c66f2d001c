<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;
use Symfony\Component\Finder\Finder;

final class Types extends Command
{
    protected $signature = 'regimen:types {--check : only say whether they are as the classes and routes have it}';

    protected $description = 'Writes the types of what pages get, and the addresses by name, for the front end';

    public function handle(TypeScript $types, Addresses $addresses): int
    {
        $files = ['props.ts' => $types->of($this->classes())];
        foreach ($addresses->files() as $name => $written) {
            $files["addresses/{$name}"] = $written;
        }
        $failed = 0;
        foreach ($files as $name => $written) {
            $file = resource_path("js/lib/{$name}");
            if ($this->option('check') !== true) {
                File::ensureDirectoryExists(dirname($file));
                file_put_contents($file, $written);
            } elseif (! is_file($file) || file_get_contents($file) !== $written) {
                $this->error("resources/js/lib/{$name} is not what the application says; ./regimen types writes it again.");
                $failed++;
            }
        }

        return $failed === 0 ? self::SUCCESS : self::FAILURE;
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
