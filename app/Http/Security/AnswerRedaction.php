<?php

declare(strict_types=1);

namespace App\Http\Security;

use App\Http\Api\Shielded;
use Closure;
use JsonSerializable;
use ReflectionClass;
use ReflectionProperty;
use stdClass;

/** An answer of the API without the names of the living, whatever it holds; what is added to one is searched from its first day. */
final class AnswerRedaction
{
    /** @var array<class-string, array<string, bool>> whether each public property is searched, by name */
    private static array $read = [];

    /** @param  Closure(string): string  $hide  takes names out of a text */
    public function __construct(private readonly Closure $hide)
    {
    }

    /** @return mixed the same as plain arrays and objects */
    public function of(mixed $answer): mixed
    {
        return match (true) {
            is_string($answer) => ($this->hide)($answer),
            is_array($answer) => array_map($this->of(...), $answer),
            $answer instanceof JsonSerializable => $this->of($answer->jsonSerialize()),
            $answer instanceof stdClass => (object) array_map($this->of(...), get_object_vars($answer)),
            is_object($answer) => $this->resource($answer),
            default => $answer,
        };
    }

    private function resource(object $resource): stdClass
    {
        $plain = [];
        foreach (self::searched($resource::class) as $name => $isSearched) {
            $plain[$name] = $isSearched ? $this->of($resource->{$name}) : $resource->{$name};
        }

        return (object) $plain;
    }

    /**
     * @param  class-string  $class
     * @return array<string, bool>
     */
    private static function searched(string $class): array
    {
        if (! isset(self::$read[$class])) {
            self::$read[$class] = [];
            foreach ((new ReflectionClass($class))->getProperties(ReflectionProperty::IS_PUBLIC) as $property) {
                self::$read[$class][$property->getName()] = $property->getAttributes(Shielded::class) === [];
            }
        }

        return self::$read[$class];
    }
}
