<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Rinkel\App\Svg\PagePictures;
use Rinkel\Core\Construction\Offers;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Plan\Planner;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * Pictures of what a piece can begin as: only another release changes them.
 */
final readonly class BeginningPictures
{
    public function __construct(
        private Beginnings $beginnings,
        private Offers $offers,
        private Planner $planner,
        private PagePictures $pictures,
        private TranslatorInterface $translator,
        #[Autowire(service: 'cache.system')]
        private CacheInterface $cache,
    ) {}

    /**
     * Returns a picture of each construction for a usual girth, of those worn around a wrist and of those around a
     * neck.
     *
     * @return array{around: array<string, string>, neck: array<string, string>} svg by construction
     */
    public function all(): array
    {
        return $this->cache->get('rinkel.beginnings.'.$this->translator->getLocale(), fn (): array => [
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
                $piece = $this->beginnings->piece(
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
}
