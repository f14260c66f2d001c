<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Support\Refused;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\InputBag;
use Symfony\Component\HttpFoundation\Response;

/**
 * Text is UTF-8, whoever sends it: what is not is refused at its field before anything is looked at, and counts for nothing in
 * an address.
 */
final class ReadableText
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $request->query = new InputBag(self::readable($request->query->all()));
        foreach ([$request->request->all(), $request->json()->all()] as $sent) {
            $field = self::unreadable($sent);
            if ($field !== null) {
                throw Refused::because('This has signs that are no text. Write it again.', $field);
            }
        }

        return $next($request);
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @return string|null where the first stands that is no text
     */
    private static function unreadable(array $values): ?string
    {
        foreach ($values as $key => $value) {
            if (! mb_check_encoding((string) $key, 'UTF-8')) {
                return 'conflict';
            }
            $within = is_array($value) ? self::unreadable($value) : null;
            if ($within !== null || (is_string($value) && ! mb_check_encoding($value, 'UTF-8'))) {
                return $key.($within === null || $within === 'conflict' ? '' : ".{$within}");
            }
        }

        return null;
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @return array<array-key, mixed>
     */
    private static function readable(array $values): array
    {
        $kept = [];
        foreach ($values as $key => $value) {
            if (mb_check_encoding((string) $key, 'UTF-8') && ! (is_string($value) && ! mb_check_encoding($value, 'UTF-8'))) {
                $kept[$key] = is_array($value) ? self::readable($value) : $value;
            }
        }

        return $kept;
    }
}
