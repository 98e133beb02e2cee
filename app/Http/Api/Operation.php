<?php

declare(strict_types=1);

namespace App\Http\Api;

use OpenApi\Attributes as OA;

/** What an operation of the API takes and answers, in one line at its method. */
final class Operation
{
    /**
     * @param  string  $path  under /api; each {name} is a parameter
     * @param  string  $id  what the typed client calls it
     * @param  class-string|null  $answer  schema of a 200; without one it is a 204
     * @param  class-string|null  $body  schema of what is sent
     * @param  list<string>  $query  names of query parameters, all optional
     * @return array<string, mixed>
     */
    public static function of(string $path, string $id, ?string $answer, ?string $body, array $query): array
    {
        preg_match_all('/\{(\w+)\}/', $path, $matches);
        $parameters = [
            ...array_map(static fn (string $name): OA\Parameter => new OA\PathParameter(name: $name, required: true,
                schema: new OA\Schema(type: 'string')), $matches[1]),
            ...array_map(static fn (string $name): OA\Parameter => new OA\QueryParameter(name: $name, required: false,
                schema: new OA\Schema(type: 'string')), $query),
        ];

        return array_filter([
            'path' => "/api{$path}",
            'operationId' => $id,
            'parameters' => $parameters,
            'requestBody' => $body === null ? null : new OA\RequestBody(required: true, content: new OA\JsonContent(ref: $body)),
            'responses' => [
                $answer === null
                    ? new OA\Response(response: 204, description: 'Done.')
                    : new OA\Response(response: 200, description: 'Done.', content: new OA\JsonContent(ref: $answer)),
                new OA\Response(response: 'default', description: 'Refused, with a sentence.',
                    content: new OA\JsonContent(ref: Problem::class)),
            ],
        ], static fn (mixed $part): bool => $part !== null && $part !== []);
    }
}
