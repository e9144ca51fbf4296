@props(['label', 'required' => false])
<x-field
    name="photo"
    :label="$label"
    :hint="say('pages.photograph.jpeg-png-or-webp', ['config' => round(config('photos.most_kilobytes') / 1000)])"
    {{ $attributes }}
>
    <input
        type="file"
        name="photo"
        accept="image/jpeg,image/png,image/webp"
        data-shrink="{{ config('photos.kept_pixels_a_side') }}"
        @required($required)
    />
</x-field>
