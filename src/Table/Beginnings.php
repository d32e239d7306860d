<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Rinkel\App\Document\DesignsFile;
use Rinkel\App\People\People;
use Rinkel\Core\Construction\Offers;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Fit\Drape;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Plan\Planner;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * What new pieces begin with: a construction, and on whom it is worn.
 */
final readonly class Beginnings
{
    /** Room over a girth that was measured snug (common practice). */
    private const EASES = ['snug' => '1/2 in', 'loose' => '1 in'];

    public function __construct(
        private People $people,
        private PieceReader $reader,
        private Planner $planner,
        private Offers $offers,
        private TranslatorInterface $translator,
        private Shelf $shelf,
        private Starts $starts,
    ) {}

    /**
     * Returns the piece that was asked for, once it can be planned.
     *
     * @param array<string, string> $typed construction, place, girth, unit, person; sit, how it shall sit; design, a
     *                                     ready one; from, what is at hand, with what is typed of that
     * @param array<string, mixed>  $usual what its maker begins every piece with
     *
     * @throws PieceUnreadable If it is not worn there, a girth lacks or is none, what it begins with cannot be read,
     *                         or it cannot be planned
     */
    public function piece(array $typed, array $usual = []): PieceSpec
    {
        $design = $this->shelf->design($typed['design'] ?? '');
        $from = $typed['from'] ?? '';
        $construction = match (true) {
            null !== $design => $design->construction,
            'spell' === $from => 'stretch',
            'stone' === $from => 'netted-pouch',
            'tray' === $from => BodyPlace::Neck->value === $typed['place'] ? 'strung-beads' : 'stretch',
            default => $typed['construction'],
        };
        $name = $this->translator->trans('construction.'.$construction.'.piece');
        $document = [
            'format' => PieceReader::FORMAT,
            'version' => PieceReader::VERSION,
            'construction' => $construction,
            'name' => str_starts_with($name, 'construction.') ? 'Piece' : $name,
            'unit' => $typed['unit'],
            'ease' => self::EASES[$typed['sit'] ?? ''] ?? null,
            ...$usual,
            ...$this->worn(['construction' => $construction] + $typed),
        ];
        $document = array_filter($document, static fn (mixed $value): bool => null !== $value);
        $piece = match (true) {
            null !== $design => $this->reader->read(
                array_diff_key($document, ['name' => 0, 'length' => 0]) + $this->kept($design) + $document,
            ),
            \in_array($from, ['spell', 'stone', 'tray'], true) => $this->starts->piece($from, $typed, $document),
            default => $this->reader->read($document),
        };
        $this->planner->draft($piece);

        return $piece;
    }

    /**
     * Returns what each ready design needs for the wearer who was typed; those that are not worn there are left out.
     *
     * @param array<string, string> $typed as of a piece
     * @param array<string, mixed>  $usual what its maker begins every piece with
     *
     * @return array<string, Design>
     *
     * @throws PieceUnreadable If the girth is none
     */
    public function needs(array $typed, array $usual = []): array
    {
        $group = BodyPlace::Neck->value === $typed['place'] ? 'neck' : 'around';
        $needs = [];
        foreach (array_keys($this->shelf->designs()[$group]) as $name) {
            $needs[$name] = $this->need((string) $name, $typed, $usual);
        }

        return $needs;
    }

    /**
     * Returns what each design of another maker needs for that wearer; those that do not suit are left out.
     *
     * @param array<string, string> $typed as of a piece
     * @param array<string, mixed>  $usual what its maker begins every piece with
     *
     * @return array<string, Design>
     */
    public function othersNeed(array $typed, array $usual = []): array
    {
        $needs = [];
        $group = BodyPlace::Neck->value === $typed['place'] ? 'neck' : 'around';
        foreach (array_keys($this->shelf->others()[$group]) as $name) {
            try {
                $needs[$name] = $this->need((string) $name, $typed, $usual);
            } catch (PieceUnreadable) {
                continue;
            }
        }

        return $needs;
    }

    /**
     * @param array<string, string> $typed as of a piece
     * @param array<string, mixed>  $usual what its maker begins every piece with
     *
     * @throws PieceUnreadable If it does not suit that wearer
     */
    private function need(string $name, array $typed, array $usual): Design
    {
        return Design::of($this->planner->plan($this->piece(['design' => $name] + $typed, $usual)));
    }

    /**
     * Returns what a design brings along: all but its wearer and what was chosen for them.
     *
     * @return array<mixed>
     */
    private function kept(PieceSpec $design): array
    {
        return array_diff_key((new DesignsFile())->design($design), ['ease' => 0]);
    }

    /**
     * Returns on whom it is worn and where: as typed, or as whoever was picked was measured there.
     *
     * @param array<string, string> $typed
     *
     * @return array<string, mixed>
     */
    private function worn(array $typed): array
    {
        $place = BodyPlace::tryFrom($typed['place']) ?? BodyPlace::Wrist;
        $places = $this->offers->places($typed['construction']);
        if (!\in_array($place, $places, true) && [] !== $places) {
            throw PieceUnreadable::at('wearer.place', new Message('not-worn-there'));
        }
        $length = BodyPlace::Neck === $place ? (string) Drape::usual() : null;
        $person = '' === trim($typed['girth']) ? $this->people->find((int) $typed['person']) : null;
        if (null === $person) {
            // The reader says what is wrong with it.
            return ['wearer' => ['place' => $place->value, 'girth' => $typed['girth']], 'length' => $length];
        }
        $wearer = People::measured($person, $place) ?? throw PieceUnreadable::at('wearer.girth', new Message('not-measured', ['name' => $person->name(), 'place' => $place->value]));

        return [
            'for' => $person->name(),
            'wearer' => [
                'place' => $place->value,
                'girth' => (string) $wearer->girth,
                'measured' => $wearer->measured->value,
                'hand' => $wearer->hand?->__toString(),
            ],
            'length' => $length,
        ];
    }
}
