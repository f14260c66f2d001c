<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Symfony\Component\Finder\Finder;
use Symfony\Component\Process\Process;

/** Every text of the interface in one reading: the pages' own, then what the server says, by subject. */
final class Words extends Command
{
    protected $signature = 'regimen:words';

    protected $description = 'All labels, headings, reasons, findings and errors, to be read in a row';

    private const SUBJECTS = [
        'Reasons' => ['app/Queries/Build', 'app/Queries/Plan', 'core/src/Forecast'],
        'Today and week' => ['app/Queries/Today'],
        'Specification: fields' => ['core/src/Instrument'],
        'Specification: figures' => ['core/src/Figures'],
        'Specification: findings and fixes' => ['core/src/Findings'],
        'Route: operations and rules' => ['core/src/Route', 'app/Queries/Route'],
        'Gates' => ['core/src/Inspection'],
        'Plan' => ['core/src/Schedule', 'app/Planning', 'app/Jobs'],
        'Files' => ['core/src/Formats'],
        'Drawings and paper' => ['core/src/Drawing', 'app/Documents'],
        'House, people, parts' => ['app/Queries/House', 'app/Models', 'core/src/Parts'],
        'What is recorded, and refused' => ['app/Actions', 'app/Http', 'app/Support'],
    ];

    public function handle(): int
    {
        $pages = new Process(['node', base_path('resources/words.mjs')], base_path());
        $pages->mustRun();
        $this->line(rtrim($pages->getOutput()));
        foreach (self::SUBJECTS as $subject => $folders) {
            $this->line("\n# {$subject}");
            $files = Finder::create()->files()->name('*.php')->sortByName()->in(array_map(base_path(...), $folders));
            foreach ($files as $file) {
                $texts = self::texts((string) file_get_contents($file->getPathname()));
                if ($texts !== []) {
                    $this->line("\n## ".$file->getBasename('.php'));
                    $this->line(implode("\n", $texts));
                }
            }
        }

        return self::SUCCESS;
    }

    /**
     * The sentences and labels of a file, with … for what is put in.
     *
     * @return list<string>
     */
    public static function texts(string $code): array
    {
        $texts = [];
        $open = null;
        foreach (\PhpToken::tokenize($code) as $token) {
            if ($token->text === '"') {
                $open === null ? $open = '' : [$texts[], $open] = [$open, null];
            } elseif ($open !== null) {
                $open .= $token->is(T_ENCAPSED_AND_WHITESPACE) ? $token->text : (str_ends_with($open, '…') ? '' : '…');
            } elseif ($token->is(T_CONSTANT_ENCAPSED_STRING)) {
                $texts[] = stripslashes(substr($token->text, 1, -1));
            }
        }

        return array_values(array_unique(array_filter(array_map(trim(...), $texts), self::isText(...))));
    }

    /** Two words at the least, and none of them code. */
    private static function isText(string $text): bool
    {
        return preg_match('/\p{L}{2,}[,;:.]? +\S*\p{L}/u', $text) === 1
            && preg_match('/[<>{}\\\\=$]|::|->|^\w+_\w+|select |order by|where /i', $text) === 0;
    }
}
