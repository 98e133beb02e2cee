<?php

declare(strict_types=1);

namespace App\Http\Security;

use App\Refusal;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * What is typed is kept as it was typed, so what no text can hold is refused at the door: a NUL, at which PostgreSQL
 * would cut the words off, and bytes that are no UTF-8. A question in an address is one word each, never a list.
 */
final class LegibleInput
{
    public function handle(Request $request, Closure $next): Response
    {
        if (array_filter($request->query->all(), is_array(...)) !== []) {
            throw new Refusal('An address holds one word for each thing that is asked, not a list.');
        }
        foreach ([$request->query->all(), $request->request->all(), $request->isJson() ? $request->json()->all() : []] as $value) {
            array_walk_recursive($value, static function (mixed $word, int|string $name): void {
                if (is_string($word) && (str_contains($word, "\0") || ! mb_check_encoding($word, 'UTF-8'))) {
                    throw new Refusal("There are bytes in “{$name}” that are no letters. Nothing was changed; type it anew.");
                }
            });
        }

        return $next($request);
    }
}
