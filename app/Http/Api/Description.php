<?php

declare(strict_types=1);

namespace App\Http\Api;

use OpenApi\Analysis;
use OpenApi\Annotations\Schema;
use OpenApi\Attributes as OA;
use OpenApi\Generator;

/** The OpenAPI description of the API, made from the attributes of controllers and resources. */
#[OA\Info(version: '1', title: 'North Bough')]
final class Description
{
    /** As JSON, the same bytes for the same code. */
    public static function json(): string
    {
        $generator = new Generator;
        $generator->addProcessor(static function (Analysis $analysis): void {
            foreach ($analysis->getAnnotationsOfType(Schema::class, true) as $schema) {
                if ($schema instanceof Schema && is_array($schema->properties) && $schema->required === Generator::UNDEFINED) {
                    $names = self::required($schema);
                    if ($names !== []) {
                        $schema->required = $names;
                    }
                }
            }
        });
        $openapi = $generator->generate([app_path('Http')]);

        return $openapi?->toJson(JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n";
    }

    /**
     * Every property of an answer is always there; of what is sent, those without a default.
     *
     * @return list<string>
     */
    private static function required(Schema $schema): array
    {
        $names = [];
        foreach ($schema->properties as $property) {
            if ($property->nullable !== true || ! str_ends_with((string) $schema->schema, 'Input')) {
                $names[] = $property->property;
            }
        }

        return $names;
    }
}
