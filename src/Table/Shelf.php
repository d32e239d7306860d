<?php

declare(strict_types=1);

namespace Rinkel\App\Table;

use Rinkel\App\Document\PieceFiles;
use Rinkel\App\Svg\PagePictures;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * Ready designs to start from: example pieces of our own, without their wearers.
 */
final readonly class Shelf
{
    /** By file, in the order in which they stand there. */
    private const DESIGNS = [
        'harbour-rail', 'ledge', 'two-shores', 'tassel', 'gatepost', 'sandbar', 'bindweed', 'checker', 'plumb',
        'garland', 'lagoon', 'ripple',
        'canal', 'hawser', 'marram', 'rowan', 'orchard', 'rockpool',
    ];

    /**
     * @param CacheInterface $kept pictures that only another release changes
     */
    public function __construct(
        private PieceFiles $files,
        private Planner $planner,
        private PagePictures $pictures,
        #[Autowire('%kernel.project_dir%/demo/pieces')]
        private string $folder,
        #[Autowire(service: 'cache.system')]
        private CacheInterface $kept,
        private TranslatorInterface $translator,
        private OthersDesigns $others,
    ) {}

    /**
     * @return list<string> names of the designs
     */
    public function names(): array
    {
        return self::DESIGNS;
    }

    /**
     * Returns a design as its maker kept it, named in the language of the page; null when there is none called so.
     */
    public function design(string $name): ?PieceSpec
    {
        return \in_array($name, self::DESIGNS, true)
            ? $this->files->read($this->folder.'/'.$name.'.json')->renamed($this->translator->trans('design.'.$name))
            : $this->others->design($name);
    }

    /**
     * Returns designs of other makers, each drawn, and what it needs as it is there.
     *
     * @return array{around: array<string, Design>, neck: array<string, Design>}
     */
    public function others(): array
    {
        return $this->others->all();
    }

    /**
     * Returns the designs, each drawn, and what it needs as it is there.
     *
     * @return array{around: array<string, Design>, neck: array<string, Design>}
     */
    public function designs(): array
    {
        return $this->kept->get('rinkel.designs.6', function (): array {
            $shelf = ['around' => [], 'neck' => []];
            foreach (self::DESIGNS as $name) {
                $wish = $this->files->read($this->folder.'/'.$name.'.json');
                $shelf[BodyPlace::Neck === $wish->wearing->wearer->place ? 'neck' : 'around'][$name] = $this->shown(
                    $name,
                    $this->planner->plan($wish),
                );
            }

            return $shelf;
        });
    }

    private function shown(string $name, Plan $plan): Design
    {
        return Design::of($plan, $this->pictures->sample($plan, 'shelf-'.$name));
    }
}
