// Draws a mesh under one raking light and turns it.

import {
    AmbientLight,
    BufferAttribute,
    BufferGeometry,
    CanvasTexture,
    DirectionalLight,
    DoubleSide,
    Mesh,
    MeshStandardMaterial,
    PerspectiveCamera,
    RepeatWrapping,
    Scene,
    SRGBColorSpace,
    WebGLRenderer,
} from 'three';
import { places, positions, triangles } from './grid';
import skin from './skin';

const FAR = 2.6;

const MM = 0.001;

export default class Stage {
    constructor(canvas, mesh) {
        this.canvas = canvas;
        const context = canvas.getContext('webgl2', { antialias: true, alpha: true, preserveDrawingBuffer: true });
        if (!context) throw new Error('No WebGL here.');
        this.renderer = new WebGLRenderer({ canvas, context });
        this.size = Math.max(mesh.diameter_mm, mesh.height_mm);
        this.scene = new Scene();
        this.camera = new PerspectiveCamera(32, 1, this.size / 50, this.size * 20);
        this.lamp = new DirectionalLight(0xfff4e0, 2.3);
        this.scene.add(new AmbientLight(0xf3eee4, 1.25), this.lamp, this.lamp.target);
        this.body = this.made(mesh);
        this.scene.add(this.body);
        [this.around, this.tilt, this.away] = [0.5, 0.22, 0.78];
        this.fit();
    }

    made(mesh) {
        const shape = new BufferGeometry();
        shape.setAttribute('position', new BufferAttribute(positions(mesh), 3));
        shape.setAttribute('uv', new BufferAttribute(places(mesh), 2));
        shape.setIndex(new BufferAttribute(triangles(mesh), 1));
        shape.computeVertexNormals();
        seam(shape, mesh);
        shape.translate(0, -mesh.height_mm / 2, 0);
        const map = new CanvasTexture(skin(mesh));
        map.colorSpace = SRGBColorSpace;
        map.wrapS = RepeatWrapping;
        map.flipY = false;
        map.anisotropy = this.renderer.capabilities.getMaxAnisotropy();
        return new Mesh(shape, new MeshStandardMaterial({ map, roughness: 0.62, side: DoubleSide }));
    }

    fit() {
        const { clientWidth, clientHeight } = this.canvas;
        if (clientWidth === 0) return;
        this.renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
        this.renderer.setSize(clientWidth, clientHeight, false);
        this.camera.aspect = clientWidth / clientHeight;
        this.camera.updateProjectionMatrix();
        this.draw();
    }

    turn(by, up) {
        this.look(this.around - by, this.tilt + up);
    }

    look(around, tilt) {
        this.around = around;
        this.tilt = Math.max(-1.4, Math.min(1.45, tilt));
        this.draw();
    }

    nearer(times) {
        this.away = Math.max(0.35, Math.min(2.2, this.away * times));
        this.draw();
    }

    // The lamp stands still while the piece is turned under it, as over a bench.
    light(roundDeg, heightDeg) {
        [this.lampAround, this.lampUp] = [(roundDeg * Math.PI) / 180, (heightDeg * Math.PI) / 180];
        this.draw();
    }

    draw() {
        const far = this.size * FAR * this.away;
        const place = (around, up, distance) => [
            distance * Math.cos(up) * Math.sin(around),
            distance * Math.sin(up),
            distance * Math.cos(up) * Math.cos(around),
        ];
        this.camera.position.set(...place(this.around, this.tilt, far));
        this.camera.lookAt(0, 0, 0);
        this.lamp.position.set(...place(this.around + (this.lampAround ?? 4), this.lampUp ?? 0.5, far));
        this.renderer.render(this.scene, this.camera);
    }

    png() {
        this.draw();
        return new Promise((resolve) => {
            this.canvas.toBlob(resolve, 'image/png');
        });
    }

    async gltf() {
        const { GLTFExporter } = await import('three/examples/jsm/exporters/GLTFExporter.js');
        // The format counts in metres, the shop in mm.
        const body = new Mesh(this.body.geometry.clone().scale(MM, MM, MM), this.body.material);
        try {
            return await new GLTFExporter().parseAsync(body);
        } finally {
            body.geometry.dispose();
        }
    }

    dispose() {
        this.body.geometry.dispose();
        this.body.material.map.dispose();
        this.body.material.dispose();
        this.renderer.dispose();
    }
}

// The first and the last column are one place: their normals are one.
function seam(shape, { rows, columns }) {
    const normal = shape.getAttribute('normal');
    for (let row = 0; row < rows; row += 1) {
        const [a, b] = [row * (columns + 1), row * (columns + 1) + columns];
        const sum = [0, 1, 2].map((k) => normal.array[3 * a + k] + normal.array[3 * b + k]);
        const long = Math.hypot(...sum) || 1;
        [a, b].forEach((i) => normal.setXYZ(i, ...sum.map((part) => part / long)));
    }
}
