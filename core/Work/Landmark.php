<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

/**
 * A place on a piece in the making that its maker can see or feel, and measure from.
 *
 * @internal
 */
final readonly class Landmark implements \Stringable
{
    /**
     * @param string      $word what it is: "start-edge", "last-knot", "mark"
     * @param string|null $name of the thing that it is the edge of
     * @param string      $id   by which it is told from others
     */
    private function __construct(
        public string $word,
        public ?string $name,
        public string $id,
    ) {}

    public static function of(string $word, ?string $name = null, int|string $number = ''): self
    {
        /** @var array<string, self> $known each is made once: a sheet names some hundreds of times the same few */
        static $known = [];
        $id = $word.(null === $name ? '' : ' '.$name).('' === $number ? '' : ' '.$number);

        return $known[$id] ??= new self($word, $name, $id);
    }

    public function __toString(): string
    {
        return $this->id;
    }
}
