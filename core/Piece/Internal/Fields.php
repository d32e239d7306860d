<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece\Internal;

use Rinkel\Core\Failure;
use Rinkel\Core\Fit\Measurement;
use Rinkel\Core\Measure\Exception\LengthOutOfRange;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Quoted;

/**
 * The fields of a decoded document, read one by one by their dotted path; what is wrong is collected, never thrown.
 *
 * A field that is absent, null or blank has its default. A reading with a fault returns null.
 *
 * @internal
 */
final class Fields
{
    /** @var list<Fault> */
    private array $faults = [];

    /** @var array<string, array<array-key, true>> names that were asked for, by the path they stand under */
    private array $asked = [];

    /**
     * @param array<mixed> $document
     */
    public function __construct(private readonly array $document) {}

    /**
     * @return list<Fault>
     */
    public function faults(): array
    {
        return $this->faults;
    }

    public function mustBe(string $path, string|int $expected): void
    {
        if ($expected !== $this->at($path)) {
            $this->fault($path, \sprintf('Expected %s here, not %s.', json_encode($expected), $this->shown($path)));
        }
    }

    public function mustBeVersion(string $path, int $current): void
    {
        $version = $this->at($path);
        if (\is_int($version) && $version > $current) {
            $this->fault(
                $path,
                \sprintf(
                    'This is version %d of the format; this Rinkel reads up to version %d. A newer one wrote it.',
                    $version,
                    $current,
                ),
            );
        } elseif ($version !== $current) {
            $this->fault(
                $path,
                \sprintf('Expected a number from 1 to %d here, not %s.', $current, $this->shown($path)),
            );
        }
    }

    /**
     * Returns a name on one line, white space and what cannot be seen folded.
     */
    public function text(string $path, int $longest): ?string
    {
        $text = $this->at($path);
        $text = \is_string($text) ? trim(preg_replace('/[\s\p{Z}\p{C}]+/u', ' ', mb_scrub($text)) ?? '') : '';
        if ('' === $text) {
            return $this->fault($path, 'Give it a name, so that you find it again.');
        }

        return mb_strlen($text) <= $longest
            ? $text
            : $this->fault(
                $path,
                \sprintf('A name has at most %d characters; this one has %d.', $longest, mb_strlen($text)),
            );
    }

    /**
     * Notes a fault when nothing stands at $path.
     */
    public function required(string $path): self
    {
        if (null === $this->at($path)) {
            $this->fault($path, 'Type a length here, for example 16.5 cm or 6 1/2 in.');
        }

        return $this;
    }

    /**
     * @param (callable(string): Length)|null $parse for texts that are more than a length
     */
    public function length(
        string $path,
        Unit $bare,
        Length $shortest,
        Length $longest,
        ?Length $default = null,
        ?callable $parse = null,
    ): ?Length {
        $length = $this->parsed(
            $path,
            $parse ?? static fn (string $text): Length => Length::parse($text, $bare),
            $default,
        );
        // To the exactness in which lengths are read, so that what is written is read back the same.
        $length = null === $length ? null : Length::of($length->millimetres, Unit::Millimetre);
        if (null === $length || (!$length->isShorterThan($shortest) && !$length->isLongerThan($longest))) {
            return $length;
        }

        return $this->fault($path, LengthOutOfRange::outside($length, $shortest, $longest, $bare)->getMessage());
    }

    /**
     * Returns a measure of a person, within the range of what was measured.
     */
    public function measured(string $path, Unit $bare, Measurement $measurement): ?Length
    {
        return $this->parsed(
            $path,
            static fn (string $text): Length => $measurement->checked(Length::parse($text, $bare), $bare),
            null,
        );
    }

    public function number(string $path, int $least, int $most, ?int $default = null): ?int
    {
        $value = $this->at($path) ?? $default;
        if (null === $value) {
            return null;
        }
        $number = \is_string($value) && 1 === preg_match('/^\s*\d{1,6}\s*$/', $value) ? (int) $value : $value;

        return \is_int($number) && $number >= $least && $number <= $most
            ? $number
            : $this->fault(
                $path,
                \sprintf('Expected a whole number from %d to %d, not %s.', $least, $most, $this->shown($path)),
            );
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     * @param T               $default
     * @param list<T>|null    $allowed all cases when null
     *
     * @return T|null
     */
    public function choice(string $path, string $enum, \BackedEnum $default, ?array $allowed = null): ?\BackedEnum
    {
        $value = $this->at($path);
        if (null === $value) {
            return $default;
        }
        $case = \is_string($value) ? $enum::tryFrom($value) : null;
        $allowed ??= $enum::cases();
        if (null !== $case && \in_array($case, $allowed, true)) {
            return $case;
        }
        $names = implode(
            ', ',
            array_map(static fn (\BackedEnum $backedEnum): string => (string) $backedEnum->value, $allowed),
        );

        return $this->fault($path, \sprintf('Expected one of %s, not %s.', $names, $this->shown($path)));
    }

    /**
     * Returns what a word names among what is known.
     *
     * @template T of object
     *
     * @param callable(string): ?T $named
     * @param list<string>         $words   that name something
     * @param T                    $default
     *
     * @return T|null
     */
    public function known(string $path, callable $named, array $words, object $default): ?object
    {
        $value = $this->at($path);
        if (null === $value) {
            return $default;
        }

        return (\is_string($value) ? $named($value) : null)
            ?? $this->fault($path, \sprintf('Expected one of %s, not %s.', implode(', ', $words), $this->shown($path)));
    }

    /**
     * @template T of object
     *
     * @param callable(string): T $parse
     * @param T|null              $default
     *
     * @return T|null
     */
    public function parsed(string $path, callable $parse, ?object $default): ?object
    {
        $text = $this->at($path);
        if (null === $text) {
            return $default;
        }
        try {
            return \is_string($text) ? $parse($text) : $this->fault(
                $path,
                \sprintf('Expected a text, not %s.', $this->shown($path)),
            );
        } catch (Failure $failure) {
            return $this->fault($path, $failure->getMessage());
        }
    }

    public function fault(string $path, string $sentence): null
    {
        $this->faults[] = new Fault($path, $sentence);

        return null;
    }

    public function hasFaultAt(string $path): bool
    {
        foreach ($this->faults as $fault) {
            if (str_starts_with($fault->path, $path.'.')) {
                return true;
            }
        }

        return false;
    }

    /**
     * Notes a fault for every entry that nobody asked for: a misspelt name would else be passed over in silence.
     */
    public function noneElse(): void
    {
        $this->noneElseIn($this->document, '');
    }

    /**
     * @param array<mixed> $entries
     */
    private function noneElseIn(array $entries, string $path): void
    {
        foreach ($entries as $name => $value) {
            $at = ltrim($path.'.'.$name, '.');
            if (!isset($this->asked[$path][$name])) {
                $this->fault(
                    $at,
                    \sprintf(
                        'Nothing here is called %s. It could be %s.',
                        new Quoted((string) $name),
                        implode(', ', array_keys($this->asked[$path] ?? [])),
                    ),
                );
            } elseif (\is_array($value) && isset($this->asked[$at])) {
                $this->noneElseIn($value, $at);
            }
        }
    }

    public function has(string $path): bool
    {
        return null !== $this->at($path);
    }

    public function yes(string $path): bool
    {
        $value = $this->at($path) ?? false;
        if (!\is_bool($value) && 'yes' !== $value) {
            $this->fault($path, \sprintf('Expected true or false, not %s.', $this->shown($path)));
        }

        return true === $value || 'yes' === $value;
    }

    /**
     * Returns a word that names something known elsewhere.
     */
    public function name(string $path): ?string
    {
        $name = $this->at($path);

        return \is_string($name) && 1 === preg_match('/^[a-z][a-z-]{0,39}$/', $name)
            ? $name
            : $this->fault($path, \sprintf('Expected a word here, not %s.', $this->shown($path)));
    }

    /**
     * Returns a text of any content, or null when there is none.
     */
    public function note(string $path, int $longest): ?string
    {
        $text = $this->at($path);
        if (null === $text) {
            return null;
        }

        return \is_string($text) && mb_strlen($text) <= $longest
            ? mb_scrub($text)
            : $this->fault($path, \sprintf('Expected a text of at most %d characters.', $longest));
    }

    /**
     * @return list<string>
     */
    public function names(string $path): array
    {
        $names = $this->at($path) ?? [];
        if (!\is_array($names) || \count($names) > 40) {
            $this->fault($path, 'Expected a list of at most 40 short names.');

            return [];
        }

        return array_values(array_filter($names, is_string(...)));
    }

    /**
     * Returns what $read makes of each entry under $path, by its short name; entries with faults are left out.
     *
     * @template T of object
     *
     * @param callable(string): ?T     $read   takes the path of an entry
     * @param callable(string): bool   $isName whether an entry can be called so
     * @param callable(string): string $notOne what to say when it cannot
     *
     * @return array<string, T>
     */
    public function each(string $path, callable $read, callable $isName, callable $notOne): array
    {
        $entries = $this->at($path) ?? [];
        if (!\is_array($entries) || \count($entries) > 60) {
            $this->fault($path, 'Expected at most 60 entries, each under a short name.');

            return [];
        }
        $all = [];
        foreach (array_keys($entries) as $name) {
            $name = (string) $name;
            if (!$isName($name)) {
                $this->asked[$path][$name] = true;
                $this->fault($path.'.'.$name, $notOne($name));
                continue;
            }
            $entry = $read($path.'.'.$name);
            if (null !== $entry) {
                $all[$name] = $entry;
            }
        }

        return $all;
    }

    private function at(string $path): mixed
    {
        $value = $this->document;
        $under = '';
        foreach (explode('.', $path) as $step) {
            $this->asked[$under][$step] = true;
            $under = ltrim($under.'.'.$step, '.');
            if (null === $value) {
                return null;
            }
            if (!\is_array($value)) {
                return $value;
            }
            $value = $value[$step] ?? null;
        }

        return \is_string($value) && '' === trim($value) ? null : $value;
    }

    private function shown(string $path): string
    {
        $value = $this->at($path);

        return match (true) {
            null === $value => 'nothing',
            \is_string($value) => (string) new Quoted($value),
            default => (string) new Quoted((string) json_encode($value, \JSON_PARTIAL_OUTPUT_ON_ERROR)),
        };
    }
}
