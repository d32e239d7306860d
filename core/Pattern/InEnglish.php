<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern;

/**
 * A pattern that was typed in another language, in English: the same lines, and where each word stood in what was
 * typed.
 *
 * @internal
 */
final readonly class InEnglish
{
    /**
     * @param array<int, list<array{int, string, string}>> $words by line, from 1: in which column each was typed,
     *                                                            and the word as it was typed and in English
     */
    public function __construct(
        public string $text,
        private array $words,
    ) {}

    /**
     * Returns a place in the English text as the place in what was typed.
     */
    public function typed(Place $place): Place
    {
        $shift = 0;
        foreach ($this->words[$place->line] ?? [] as [$column, $typed, $english]) {
            $begin = $column + $shift;
            $end = $begin + mb_strlen($english);
            if ($place->column < $end) {
                return $place->column < $begin
                    ? new Place($place->line, $place->column - $shift, $place->length)
                    : new Place(
                        $place->line,
                        $column,
                        $place->column + $place->length === $end ? mb_strlen($typed) : $place->length,
                    );
            }
            $shift += mb_strlen($english) - mb_strlen($typed);
        }

        return new Place($place->line, $place->column - $shift, $place->length);
    }
}
