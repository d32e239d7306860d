<?php

declare(strict_types=1);

namespace Rinkel\App\Log;

use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;

/**
 * Makes a photo that was sent small before its controller is asked: that takes long, and holds nobody else up.
 */
final readonly class SentPhotos implements ValueResolverInterface
{
    public function __construct(private Photos $photos) {}

    /**
     * @return iterable<SentPhoto>
     */
    public function resolve(Request $request, ArgumentMetadata $argument): iterable
    {
        if (SentPhoto::class !== $argument->getType()) {
            return [];
        }
        $file = $request->files->all()['photo'] ?? null;

        return [$file instanceof UploadedFile
            ? new SentPhoto(true, $file->isValid() ? $this->photos->read($file->getPathname()) : null)
            : new SentPhoto()];
    }
}
