<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core;

/**
 * One number of the model, 5 % larger than it is.
 */
final readonly class Mutant implements \Stringable
{
    /** Numbers that are halves and wholes, or tolerances of the arithmetic, say nothing about the trade. */
    private const NOTHING = [0.0, 0.5, 1.0, 2.0];

    private function __construct(public string $file, public int $offset, private string $number) {}

    /**
     * @return list<self>
     */
    public static function in(string $file): array
    {
        $source = (string) file_get_contents($file);
        $lines = explode("\n", $source);
        $mutants = [];
        foreach (\PhpToken::tokenize($source) as $token) {
            // What an example of a construction is made of is chosen, not known.
            $isChosen = str_contains($lines[$token->line - 1], 'Stock::') || str_contains(
                $lines[$token->line - 1],
                'Bead::of(',
            );
            $isModel = \T_DNUMBER === $token->id && !\in_array(
                (float) $token->text,
                self::NOTHING,
                true,
            ) && (float) $token->text > 1e-3;
            if ($isModel && !$isChosen) {
                $mutants[] = new self($file, $token->pos, $token->text);
            }
        }

        return $mutants;
    }

    public static function parse(string $text): self
    {
        [$file, $offset, $number] = explode(' ', $text);

        return new self($file, (int) $offset, $number);
    }

    public function source(): string
    {
        return substr_replace(
            (string) file_get_contents($this->file),
            (string) (1.05 * (float) $this->number),
            $this->offset,
            \strlen($this->number),
        );
    }

    public function described(string $root): string
    {
        $before = substr((string) file_get_contents($this->file), 0, $this->offset);

        return \sprintf(
            '%s:%d %s',
            substr($this->file, \strlen($root) + 1),
            1 + substr_count($before, "\n"),
            $this->number,
        );
    }

    public function __toString(): string
    {
        return implode(' ', [$this->file, $this->offset, $this->number]);
    }
}
