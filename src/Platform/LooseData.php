<?php

declare(strict_types=1);

namespace Rinkel\App\Platform;

use Symfony\Component\HttpFoundation\Request;

/**
 * What came from outside, as a request or a document, each thing read as what it is to be: whatever else stands in its
 * place counts as not said.
 */
final readonly class LooseData
{
    private const LONGEST = 2000;

    /**
     * @param array<mixed> $all
     */
    private function __construct(private array $all) {}

    /**
     * Returns what the address asks for.
     */
    public static function query(Request $request): self
    {
        return new self($request->query->all());
    }

    /**
     * Returns what a form sends.
     */
    public static function form(Request $request): self
    {
        return new self($request->request->all());
    }

    /**
     * @param array<mixed> $all
     */
    public static function of(array $all): self
    {
        return new self($all);
    }

    public function has(string $name): bool
    {
        return isset($this->all[$name]);
    }

    /**
     * Returns whether a document says that something is so.
     */
    public function is(string $name): bool
    {
        return true === ($this->all[$name] ?? null);
    }

    /**
     * Returns a text as it came; "" for none.
     */
    public function raw(string $name): string
    {
        $value = $this->all[$name] ?? null;

        return \is_string($value) ? $value : '';
    }

    /**
     * Returns what somebody typed: white space around it gone, valid UTF-8, no longer than it may be.
     */
    public function text(string $name, int $longest = self::LONGEST): string
    {
        return mb_substr(trim(mb_scrub($this->raw($name))), 0, $longest);
    }

    /**
     * Returns a text that looks as it is to look, else $default.
     *
     * @param string $pattern of all of it, with its delimiters
     */
    public function like(string $name, string $pattern, string $default = ''): string
    {
        return 1 === preg_match($pattern, $this->raw($name)) ? $this->raw($name) : $default;
    }

    /**
     * Returns a whole number from $least to $most: the nearer of both for one beyond them, $default for none.
     *
     * @template T of int|null
     *
     * @param T $default
     *
     * @return int|T
     */
    public function number(string $name, int $least, int $most, ?int $default): ?int
    {
        return '' === $this->like($name, '/^-?\d{1,9}$/D') ? $default : max($least, min($most, (int) $this->raw($name)));
    }

    /**
     * Returns a whole number from $least to $most; null for none, and for any beyond them.
     */
    public function exact(string $name, int $least, int $most): ?int
    {
        $number = $this->number($name, \PHP_INT_MIN, \PHP_INT_MAX, null);

        return null === $number || $number < $least || $number > $most ? null : $number;
    }

    /**
     * Returns the number of a row in the database; 0, which none has, when none is said.
     */
    public function id(string $name): int
    {
        return (int) $this->like($name, '/^\d{1,18}$/D', '0');
    }

    /**
     * @return list<int> numbers of rows, each once
     */
    public function ids(string $name): array
    {
        return array_values(array_unique(array_map(intval(...), array_filter(
            $this->list($name),
            static fn (string $id): bool => 1 === preg_match('/^\d{1,18}$/D', $id),
        ))));
    }

    /**
     * @return list<string> the texts in a list
     */
    public function list(string $name): array
    {
        return array_values(array_filter($this->within($name)->all, is_string(...)));
    }

    /**
     * @return array<mixed> a list or a record as it came
     */
    public function array(string $name): array
    {
        $value = $this->all[$name] ?? null;

        return \is_array($value) ? $value : [];
    }

    /**
     * Returns a whole number of a document, where numbers are no texts.
     */
    public function whole(string $name, int $default = 0): int
    {
        $value = $this->all[$name] ?? null;

        return \is_int($value) ? $value : $default;
    }

    /**
     * @return list<self> the rows of a list; one that is none counts as an empty one
     */
    public function rows(string $name): array
    {
        return array_map(
            static fn (mixed $row): self => new self(\is_array($row) ? $row : []),
            array_values($this->array($name)),
        );
    }

    /**
     * @return array<string, string> the texts of a record, as they came
     */
    public function texts(string $name): array
    {
        $texts = [];
        foreach (array_filter($this->array($name), is_string(...)) as $key => $text) {
            $texts[(string) $key] = $text;
        }

        return $texts;
    }

    /**
     * Returns what a list says by name.
     */
    public function within(string $name): self
    {
        return new self($this->array($name));
    }

    /**
     * @return array<string, string> what was typed, by name
     */
    public function typed(int $longest = self::LONGEST): array
    {
        $typed = [];
        foreach (array_keys(array_filter($this->all, is_string(...))) as $name) {
            $typed[(string) $name] = $this->text((string) $name, $longest);
        }

        return $typed;
    }
}
