<?php

declare(strict_types=1);

namespace App\Http\Security;

use App\Refusal;
use App\Trees\Editing\HeldCitation;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

/** Reads which citation is held, from the request's head: the source's id, a space, and the page, percent-encoded. */
final readonly class TakesHeldCitation
{
    private const MOST = 4000;

    public function __construct(private HeldCitation $held)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $this->held->release();
        $header = $request->headers->get('X-Held-Citation') ?? '';
        if ($header !== '') {
            [$sourceId, $locator] = explode(' ', $header, 2) + [1 => ''];
            if (! Str::isUuid($sourceId) || strlen($header) > self::MOST) {
                throw new Refusal('What is held is no citation. Let it go, and hold it again from its source.');
            }
            $this->held->hold($sourceId, mb_substr(rawurldecode($locator), 0, 1000));
        }

        try {
            return $next($request);
        } finally {
            $this->held->release();
        }
    }
}
