<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Rinkel\App\People\People;
use Rinkel\App\Svg\PagePictures;
use Rinkel\Core\Construction\Offers;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Fit\Drape;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\Wish;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Said;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * What new pieces begin with: a construction, and on whom it is worn.
 */
final readonly class Beginnings
{
    /**
     * @param CacheInterface $kept pictures that only another release changes
     */
    public function __construct(
        private People $people,
        private PieceReader $reader,
        private Planner $planner,
        private Offers $offers,
        private PagePictures $pictures,
        private TranslatorInterface $translator,
        #[Autowire(service: 'cache.system')]
        private CacheInterface $kept,
    ) {}

    /**
     * Returns the piece that was asked for, once it can be planned.
     *
     * @param array{construction: string, place: string, girth: string, unit: string, person: string} $typed
     *
     * @throws PieceUnreadable If it is not worn there, a girth lacks or is none, or it cannot be planned
     */
    public function piece(array $typed): Wish
    {
        $name = $this->translator->trans('construction.'.$typed['construction'].'.piece');
        $piece = $this->reader->read([
            'format' => PieceReader::FORMAT,
            'version' => PieceReader::VERSION,
            'construction' => $typed['construction'],
            'name' => str_starts_with($name, 'construction.') ? 'Piece' : $name,
            'unit' => $typed['unit'],
            ...$this->worn($typed),
        ]);
        $this->planner->draft($piece);

        return $piece;
    }

    /**
     * Returns a picture of each construction for a usual girth, of those worn around a wrist and of those around a
     * neck.
     *
     * @return array{around: array<string, string>, neck: array<string, string>} svg by construction
     */
    public function pictures(): array
    {
        return $this->kept->get('rinkel.beginnings', fn (): array => [
            'around' => $this->drawn('around', BodyPlace::Wrist, '16 cm'),
            'neck' => $this->drawn('neck', BodyPlace::Neck, '34 cm'),
        ]);
    }

    /**
     * @return array<string, string> svg by construction
     */
    private function drawn(string $group, BodyPlace $place, string $girth): array
    {
        $pictures = [];
        foreach ($this->offers->constructions() as $id) {
            if (\in_array($place, $this->offers->places($id), true)) {
                $piece = $this->piece(
                    [
                        'construction' => $id,
                        'place' => $place->value,
                        'girth' => $girth,
                        'unit' => 'cm',
                        'person' => '',
                    ],
                );
                $pictures[$id] = $this->pictures->sample($this->planner->plan($piece), $group.'-'.$id);
            }
        }

        return $pictures;
    }

    /**
     * Returns on whom it is worn and where: as typed, or as whoever was picked was measured there.
     *
     * @param array{construction: string, place: string, girth: string, unit: string, person: string} $typed
     *
     * @return array<string, mixed>
     */
    private function worn(array $typed): array
    {
        $place = BodyPlace::tryFrom($typed['place']) ?? BodyPlace::Wrist;
        $places = $this->offers->places($typed['construction']);
        if (!\in_array($place, $places, true) && [] !== $places) {
            throw PieceUnreadable::at('wearer.place', new Said('not-worn-there'));
        }
        $length = BodyPlace::Neck === $place ? (string) Drape::usual() : null;
        $person = '' === trim($typed['girth']) ? $this->people->find((int) $typed['person']) : null;
        if (null === $person) {
            // The reader says what is wrong with it.
            return ['wearer' => ['place' => $place->value, 'girth' => $typed['girth']], 'length' => $length];
        }
        $wearer = People::measured($person, $place) ?? throw PieceUnreadable::at('wearer.girth', new Said('not-measured', ['name' => $person->name(), 'place' => $place->value]));

        return [
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
