<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot\Exception;

use Rinkel\Core\Message;
use Rinkel\Core\Quoted;
use Rinkel\Core\Refusal;

/**
 * A knot of somebody's own that cannot be what was drawn or written.
 *
 * @internal
 */
final class KnotUnreadable extends Refusal
{
    private const NAME = ['knot-name', 'knot-name-taken', 'knot-name-word'];
    private const CROSSINGS = ['drawn-no-word', 'drawn-words'];
    private const PULLED = ['knot-pulled'];

    /**
     * Returns in which of its fields it is: "name", "crossings", "pulled" or "way".
     */
    public function field(): string
    {
        $key = $this->said()->key;

        return match (true) {
            \in_array($key, self::NAME, true) => 'name',
            \in_array($key, self::CROSSINGS, true) => 'crossings',
            \in_array($key, self::PULLED, true) => 'pulled',
            default => 'way',
        };
    }

    public static function noPlace(string $word): self
    {
        return new self(new Message('drawn-no-place', ['found' => new Quoted($word)]));
    }

    public static function places(int $least, int $most, int $found): self
    {
        return new self(new Message('drawn-places', ['least' => $least, 'most' => $most, 'found' => $found]));
    }

    public static function noWord(string $word): self
    {
        return new self(new Message('drawn-no-word', ['found' => new Quoted($word)]));
    }

    public static function words(int $crossings, int $found): self
    {
        return new self(new Message('drawn-words', ['crossings' => $crossings, 'found' => $found]));
    }

    /** The ends must come out of it where they can be pulled. */
    public static function shutIn(string $end): self
    {
        return new self(new Message('drawn-shut-in', ['end' => $end]));
    }

    public static function crossings(int $least, int $most, int $found): self
    {
        return new self(new Message('drawn-crossings', ['least' => $least, 'most' => $most, 'found' => $found]));
    }

    public static function alongEachOther(string $place): self
    {
        return new self(new Message('drawn-along', ['place' => $place]));
    }

    public static function onEachOther(string $place): self
    {
        return new self(new Message('drawn-together', ['place' => $place]));
    }

    public static function comesUndone(): self
    {
        return new self(new Message('drawn-undone'));
    }

    public static function notTight(): self
    {
        return new self(new Message('drawn-not-tight'));
    }

    public static function name(string $name): self
    {
        return new self(new Message('knot-name', ['found' => new Quoted($name)]));
    }

    /** What the notation says cannot be a knot's name, or a part of it. */
    public static function isWord(string $word): self
    {
        return new self(new Message('knot-name-word', ['name' => new Quoted($word)]));
    }

    public static function taken(string $name): self
    {
        return new self(new Message('knot-name-taken', ['name' => new Quoted($name)]));
    }

    public static function pulled(string $field): self
    {
        return new self(new Message('knot-pulled', ['field' => $field]));
    }
}
