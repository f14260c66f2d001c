<?php

declare(strict_types=1);

namespace App\Console\Serving;

use Illuminate\Console\Command;

/**
 * Keeps every package that comes with those of composer.json at the version it was tried with, without a lock file: two packages of our own
 * in packages/ require nothing but exact versions. To take newer ones, empty both, let Composer choose, and run this.
 */
final class Packages extends Command
{
    private const OURS = ['regimen/pinned' => false, 'regimen/pinned-for-tests' => true];

    protected $signature = 'regimen:packages {--check : only say what differs}';

    protected $description = 'Pin the versions of all indirect PHP packages';

    protected $hidden = true;

    public function handle(): int
    {
        $differs = false;
        foreach (self::OURS as $name => $isForTests) {
            $file = base_path('packages/'.basename($name).'/composer.json');
            $text = $this->text($name, $isForTests);
            if (is_file($file) && file_get_contents($file) === $text) {
                continue;
            }
            $differs = true;
            $this->option('check')
                ? $this->error("{$name} does not name the versions that are installed: php artisan regimen:packages writes it.")
                : file_put_contents($file, $text);
        }

        return $differs && $this->option('check') ? self::FAILURE : self::SUCCESS;
    }

    private function text(string $name, bool $isForTests): string
    {
        return json_encode([
            'name' => $name,
            'description' => 'The versions of all packages that come with those of composer.json'.($isForTests ? ', for tests' : '').'. Written by php artisan regimen:packages.',
            'type' => 'metapackage',
            'version' => '1.0.0',
            'license' => 'MIT',
            'require' => (object) $this->indirect($isForTests),
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }

    /** @return array<string, string> versions by package */
    private function indirect(bool $isForTests): array
    {
        /** @var array{packages: list<array{name: string, version: string}>, dev-package-names: list<string>} $installed */
        $installed = json_decode((string) file_get_contents(base_path('vendor/composer/installed.json')), true, 512, JSON_THROW_ON_ERROR);
        /** @var array{require: array<string, string>, require-dev: array<string, string>} $own */
        $own = json_decode((string) file_get_contents(base_path('composer.json')), true, 512, JSON_THROW_ON_ERROR);
        $versions = [];
        foreach ($installed['packages'] as $package) {
            $isDirect = isset($own['require'][$package['name']]) || isset($own['require-dev'][$package['name']]);
            if (! $isDirect && in_array($package['name'], $installed['dev-package-names'], true) === $isForTests) {
                $versions[$package['name']] = ltrim($package['version'], 'v');
            }
        }
        ksort($versions);

        return $versions;
    }
}
