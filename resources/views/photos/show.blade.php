<x-layout :title="__('page/photos.show.photos_2', ['title' => $job->title])">
    <main class="yard">
        <div class="yard-head"><h1>{{ __('page/photos.show.photos') }} <span class="font-normal text-muted">· {{ $job->title }}</span></h1><a class="button" href="{{ route('jobs.resume', $job) }}">{{ __('page/photos.show.back_to_the_bench') }}</a></div>
        <form method="post" action="{{ route('photos.store', $job) }}" enctype="multipart/form-data" class="card photo-form">
            @csrf
            <x-picked name="shows" :label="__('page/photos.show.it_shows')" :options="array_combine(array_column(\App\Models\PhotoPurpose::cases(), 'value'), array_map(\App\Words\RigWords::photo(...), \App\Models\PhotoPurpose::cases()))" />
            <div class="field">
                <label for="photo">{{ __('page/photos.show.photo') }}</label>
                <input id="photo" type="file" name="photo" accept="image/jpeg,image/png,image/webp" aria-describedby="photo-says">
                <p class="sentence" id="photo-says" @error('photo') data-tone="stop" role="alert" @enderror>@error('photo'){{ $message }}@else {{ __('page/photos.show.it_is_made_smaller_and') }}@enderror</p>
            </div>
            <button class="button is-first">{{ __('page/photos.show.save_photo') }}</button>
        </form>
        @if ($job->photos->isEmpty())
            <div class="card empty"><p class="text-xl font-bold">{{ __('page/photos.show.no_photo_yet') }}</p><p>{{ __('page/photos.show.the_placards_at_the_brief') }}</p></div>
        @endif
        <div class="photos">
            @foreach ($job->photos as $photo)
                <figure class="card">
                    <img src="{{ route('photos.picture', [$job, $photo->id]) }}" alt="{{ \App\Words\RigWords::photo($photo->shows) }}" width="{{ $photo->width }}" height="{{ $photo->height }}" loading="lazy">
                    <figcaption><strong>{{ \App\Words\RigWords::photo($photo->shows) }}</strong> <span class="who">{{ $photo->user->name }}, {{ $photo->taken_at->isoFormat('D MMM YYYY HH:mm') }}</span></figcaption>
                    <form method="post" action="{{ route('photos.withdraw', [$job, $photo->id]) }}">@csrf<button class="button is-small">{{ __('page/photos.show.delete_photo') }}</button></form>
                </figure>
            @endforeach
        </div>
    </main>
</x-layout>
