<?php

declare(strict_types=1);

namespace HonestGrain\Reading;

/** Values never change: what differs in one place is another value, and the rest is as it was. */
final class Copy
{
    /**
     * @template T of object
     *
     * @param  T  $of  a readonly value
     * @param  non-empty-array<string, mixed>  $changed  by name of a property; a wrong type is refused by the property
     * @return T
     *
     * @throws \LogicException for a name that the value has not
     */
    public static function with(object $of, array $changed): object
    {
        $class = new \ReflectionClass($of);
        $copy = $class->newInstanceWithoutConstructor();
        foreach ($class->getProperties() as $property) {
            $name = $property->name;
            $property->setValue($copy, array_key_exists($name, $changed) ? $changed[$name] : $property->getValue($of));
            unset($changed[$name]);
        }

        return $changed === [] ? $copy
            : throw new \LogicException("$class->name has no ".implode(', ', array_keys($changed)).' to change.');
    }
}
