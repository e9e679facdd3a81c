<x-trouble :title="__('page/errors.restoring.wait')">{{ $says }}</x-trouble>
