<?php

declare(strict_types=1);

namespace App\Http\Api;

use Attribute;
use OpenApi\Attributes as OA;

/** See Operation for the parameters. */
#[Attribute(Attribute::TARGET_METHOD)]
final class Post extends OA\Post
{
    /**
     * @param  class-string|null  $answer
     * @param  class-string|null  $body
     * @param  list<string>  $query
     */
    public function __construct(string $path, string $id, ?string $answer = null, ?string $body = null, array $query = [])
    {
        parent::__construct(...Operation::of($path, $id, $answer, $body, $query));
    }
}
