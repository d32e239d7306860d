<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core;

/**
 * What something comes to, in sixteen digits: the same for the same values, however they are held together.
 */
final class Digest
{
    /** @var \SplObjectStorage<object, string> held, so that no other object is taken for one that is gone */
    private \SplObjectStorage $known;

    /** @var array<int, true> objects on the way down */
    private array $within = [];

    public function __construct()
    {
        $this->known = new \SplObjectStorage();
    }

    public function of(mixed $value): string
    {
        return hash('xxh3', $this->written($value));
    }

    /**
     * Floats count to nine digits: what another processor rounds otherwise is not another value.
     */
    private function written(mixed $value): string
    {
        return match (true) {
            $value instanceof \UnitEnum => $value::class.'::'.$value->name,
            $value instanceof \Closure => '',
            \is_object($value) => $this->object($value),
            \is_array($value) => '['.implode(',', array_map(
                fn (int|string $key): string => $key.':'.$this->written($value[$key]),
                array_keys($value),
            )).']',
            \is_float($value) => abs($value) < 1e-9 ? '0' : \sprintf('%.8e', $value),
            default => var_export($value, true),
        };
    }

    private function object(object $value): string
    {
        $id = spl_object_id($value);
        if (isset($this->within[$id])) {
            return '^';
        }
        if (!isset($this->known[$value])) {
            $this->within[$id] = true;
            $this->known[$value] = hash('xxh3', $value::class.$this->written(get_object_vars($value)));
            unset($this->within[$id]);
        }

        return $this->known[$value];
    }
}
